'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { USUAL_LIE, type Venue } from '@/core/model';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { FileField } from '@/ui/fields/file-field';
import { NumberField } from '@/ui/fields/number-field';
import { PositionField } from '@/ui/fields/position-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { Part } from '@/ui/frame/sheet';
import { useTrack } from '@/workers/use-track';
import { TimeZoneField } from './time-zone-field';
import { chosenVenue, NEW_VENUE } from './outing-draft';
import type { useOutingForm } from './use-outing-form';
import { outingScreenWords } from '@/words/screens/outing';

const WORDS = outingScreenWords.placePart;

const M_PER_KM = 1000;

type Form = ReturnType<typeof useOutingForm>;

/** Where the outing is: at a venue there is, or at a new place, of which the name is enough. */
export function PlacePart({ form, venues }: { form: Form; venues: Venue[] }) {
  const { values: draft, set } = form;
  const venueId = chosenVenue(draft, venues);
  return (
    <Part title={WORDS.theVenue}>
      <Flex direction="column" gap="4">
        {venues.length > 0 && (
          <ChoiceRow
            legend={WORDS.where}
            name="venue"
            optionWidth="160px"
            value={venueId}
            onChange={(next) => set({ venueId: next })}
            options={[
              ...venues.map((venue) => ({ value: venue.id, label: venue.name })),
              { value: NEW_VENUE, label: WORDS.anotherPlace },
            ]}
          />
        )}
        {venueId === NEW_VENUE && <NewPlace form={form} />}
      </Flex>
    </Part>
  );
}

function NewPlace({ form }: { form: Form }) {
  const scales = useScales();
  const { values: draft, set, bind } = form;
  const isPlaced = draft.latitude !== undefined && !Number.isNaN(draft.latitude);
  return (
    <>
      <TextField label={WORDS.nameOfThePlace} {...bind('venueName')} />
      <Ways form={form} />
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <PositionField value={draft} onChange={set} hint={WORDS.orLeaveItEmpty} />
        <TimeZoneField value={draft.timeZone} onChange={(timeZone) => set({ timeZone })} />
        {isPlaced && !draft.course && (
          <NumberField
            label={WORDS.altitude}
            hint={WORDS.ifYouKnowIt}
            scale={scales.altitude}
            step={50}
            decimals={0}
            {...bind('altitudeM')}
          />
        )}
      </SimpleGrid>
    </>
  );
}

/** Ways to a position without typing one: a track, or this device. */
function Ways({ form: { values: draft, set } }: { form: Form }) {
  const reading = useTrack();
  const [problem, setProblem] = useState<string>();
  const [isAsking, setIsAsking] = useState(false);
  const readTrack = async (file: File) => {
    setProblem(undefined);
    const read = await reading.read(file, { altitudeM: 0, isReversed: false });
    if (!read) return;
    if (!read.ok) {
      setProblem(read.message);
      return;
    }
    const { name, latitude, longitude, lengthM, segments, altitudeM } = read.track;
    set({
      venueName: draft.venueName || (name ?? ''),
      latitude,
      longitude,
      altitudeM,
      distanceKm: Number((lengthM / M_PER_KM).toFixed(1)),
      // Without altitudes its segments would lie at one that nobody measured.
      course:
        altitudeM === undefined
          ? undefined
          : segments.map((segment) => ({ ...segment, ...USUAL_LIE })),
    });
    if (altitudeM === undefined) setProblem(WORDS.trackWithoutAltitude);
  };
  const askDevice = () => {
    setProblem(undefined);
    setIsAsking(true);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        setIsAsking(false);
        const altitudeM = coords.altitude === null ? draft.altitudeM : Math.round(coords.altitude);
        set({ latitude: coords.latitude, longitude: coords.longitude, altitudeM });
      },
      (error) => {
        setIsAsking(false);
        const isRefused = error.code === error.PERMISSION_DENIED;
        setProblem(isRefused ? WORDS.positionRefused : WORDS.positionUnknown);
      },
      { timeout: 20_000 },
    );
  };
  return (
    <Box>
      <Flex gap="3" wrap="wrap" align="flex-end">
        <FileField
          label={WORDS.gpxFile}
          button={WORDS.fromATrack}
          accept=".gpx,application/gpx+xml"
          onFile={(file) => void readTrack(file)}
        />
        <ActionButton
          quiet
          loading={isAsking}
          loadingText={WORDS.asking}
          onClick={() =>
            'geolocation' in navigator ? askDevice() : setProblem(WORDS.positionUnknown)
          }
        >
          {WORDS.thisDevicesPosition}
        </ActionButton>
        {draft.course && (
          <Text textStyle="small" role="status">
            {WORDS.courseOf(draft.course.length)}{' '}
            <ActionButton plain onClick={() => set({ course: undefined })}>
              {WORDS.withoutIt}
            </ActionButton>
          </Text>
        )}
      </Flex>
      <FieldProblemText problem={problem} />
    </Box>
  );
}
