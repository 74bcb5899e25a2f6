'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import type { Venue } from '@/data/venues';
import { stationSchema } from '@/formats/schemas/course';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useScales } from '@/ui/fields/scales';
import { altitude } from '@/ui/format/quantities';
import { dayAndTime, span } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { addStationAction } from './actions';

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
const resolver = resolverFrom<StationDraft>((draft) => validate(stationSchema, draft));

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
    return `${span(old)} ago${old > OLD_MS ? ', old' : ''}`;
  };
  return (
    <Part title="Stations">
      {stations.length > 0 && (
        <DataTable
          caption="Weather stations of this venue"
          columns={[
            { title: 'Station' },
            { title: 'Altitude', isNumber: true },
            { title: 'From' },
            { title: 'To' },
            { title: 'Hours', isNumber: true },
            { title: 'Source' },
            { title: 'Made' },
          ]}
          rows={stations.map((one) => ({
            key: one.id,
            cells: [
              <strong key="name">{one.name}</strong>,
              altitude(one.altitudeM, units),
              one.fromIso ? dayAndTime(one.fromIso, venue.timeZone) : '–',
              one.toIso ? dayAndTime(one.toIso, venue.timeZone) : '–',
              one.hours,
              one.source ?? '–',
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
            Add a station
          </ActionButton>
          {stations.length > 1 && (
            <Text textStyle="small" color="faint">
              Between two stations temperature follows their difference, an inversion too.
            </Text>
          )}
        </Flex>
      )}
    </Part>
  );
}

function AddStation({ venueId, onAdded }: { venueId: string; onAdded: () => void }) {
  const scales = useScales();
  const { values, set, submit, problem, failure } = useDraftedForm('station', EMPTY, resolver);
  const save = async () => {
    if (await submit((draft, { key }) => addStationAction(key, venueId, draft))) onAdded();
  };
  return (
    <Box
      as="form"
      mt="3"
      {...{ noValidate: true }}
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        void save();
      }}
    >
      <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" maxW="900px" alignItems="end">
        <TextField
          label="Name of the station"
          value={values.name}
          onChange={(name) => set({ name })}
          problem={problem('name')}
        />
        <NumberField
          label="Its altitude"
          scale={scales.altitude}
          step={50}
          decimals={0}
          value={values.altitudeM}
          onChange={(altitudeM) => set({ altitudeM })}
          problem={problem('altitudeM')}
        />
        <Box>
          <ActionButton type="submit">Add it</ActionButton>
        </Box>
      </SimpleGrid>
      <FieldProblemText problem={failure} />
    </Box>
  );
}
