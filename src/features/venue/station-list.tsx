'use client';

import type { Venue } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useScales } from '@/ui/fields/scales';
import { altitude } from '@/words/quantities';
import { dayAndTime, span } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { venueScreenWords } from '@/words/screens/venue';
import { act } from '@/writes/act';

const WORDS = venueScreenWords.stationList;

/** A station and what weather it has. */
export interface StationSummary {
  id: string;
  name: string;
  altitudeM: number;
  hours: number;
  fromIso?: string;
  toIso?: string;
  source?: string;
  takenInAt?: string;
}

interface StationDraft {
  name: string;
  altitudeM?: number;
}

const OLD_MS = 6 * 3_600_000;
const EMPTY: StationDraft = { name: '' };
const resolver = lateForm<StationDraft>(
  async () => (await import('@/formats/schemas/course')).stationSchema,
);

/** The stations of a venue with the reach and the age of their weather. */
export function StationList(props: {
  venue: Venue;
  stations: readonly StationSummary[];
  nowMs: number;
}) {
  const { venue, stations, nowMs } = props;
  const units = useUnits();
  const [isAdding, setIsAdding] = useState(stations.length === 0);
  const age = (iso: string) => {
    const old = nowMs - Date.parse(iso);
    return WORDS.ago(span(old), old > OLD_MS ? WORDS.old : '');
  };
  return (
    <Part title={WORDS.stations}>
      {stations.length > 0 && (
        <DataTable
          caption={WORDS.weatherStationsOfThisVenue}
          columns={[
            { title: WORDS.station },
            { title: WORDS.altitude, isNumber: true },
            { title: WORDS.from },
            { title: WORDS.to },
            { title: WORDS.hours, isNumber: true },
            { title: WORDS.source },
            { title: WORDS.made },
          ]}
          rows={stations.map((one) => ({
            key: one.id,
            cells: [
              <strong key="name">{one.name}</strong>,
              altitude(one.altitudeM, units),
              one.fromIso ? dayAndTime(one.fromIso, venue.timeZone) : '–',
              one.toIso ? dayAndTime(one.toIso, venue.timeZone) : '–',
              one.hours,
              one.source ? (venueScreenWords.weatherSource[one.source] ?? one.source) : '–',
              one.takenInAt ? age(one.takenInAt) : '–',
            ],
          }))}
        />
      )}
      {isAdding ? (
        <AddStation venueId={venue.id} onAdded={() => setIsAdding(false)} />
      ) : (
        <Flex mt="3" gap="4" align="center" wrap="wrap">
          <ActionButton quiet onClick={() => setIsAdding(true)}>
            {WORDS.addAStation}
          </ActionButton>
          {stations.length > 1 && (
            <Text textStyle="small" color="faint">
              {WORDS.betweenStationsHint}
            </Text>
          )}
        </Flex>
      )}
    </Part>
  );
}

function AddStation({ venueId, onAdded }: { venueId: string; onAdded: () => void }) {
  const scales = useScales();
  const { bind, submit, failure } = useDraftedForm('station', EMPTY, resolver);
  const save = async () => {
    if (await submit((draft, { key }) => act('station.add', key, { id: venueId, station: draft })))
      onAdded();
  };
  return (
    <SheetForm mt="3" onSubmit={save}>
      <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" maxW="900px" alignItems="end">
        <TextField label={WORDS.nameOfTheStation} {...bind('name')} />
        <NumberField
          label={WORDS.itsAltitude}
          scale={scales.altitude}
          step={50}
          decimals={0}
          {...bind('altitudeM')}
        />
        <Box>
          <ActionButton type="submit">{WORDS.addIt}</ActionButton>
        </Box>
      </SimpleGrid>
      <FieldProblemText problem={failure} />
    </SheetForm>
  );
}
