'use client';

import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { DISCIPLINES, PURPOSES } from '@/core/terms';
import type { Venue } from '@/data/venues';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { DISCIPLINE_WORDS, PURPOSE_WORDS } from '@/ui/format/words';
import { Part, Sheet } from '@/ui/frame/sheet';
import { chosenVenue, NEW_VENUE, useOutingForm } from './use-outing-form';

/** The form that makes an outing, with its venue where that is new as well. */
export function NewOutingScreen({ venues, hasOutings }: { venues: Venue[]; hasOutings: boolean }) {
  const form = useOutingForm(venues);
  return (
    <Sheet
      question="What are the skis for?"
      answer={
        <Text textStyle="title">
          {hasOutings ? 'A new outing' : 'Start here: where and when do you ski next?'}
        </Text>
      }
    >
      <Box
        as="form"
        maxW="760px"
        {...{ noValidate: true }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void form.save();
        }}
      >
        <OutingPart form={form} />
        <VenuePart form={form} venues={venues} />
        <Flex gap="4">
          <ActionButton type="submit" loading={form.isSaving} loadingText="Saving…">
            Save the outing
          </ActionButton>
          {hasOutings && (
            <ActionButton quiet onClick={form.leave}>
              Back
            </ActionButton>
          )}
        </Flex>
        <FieldProblemText problem={form.failure} />
      </Box>
    </Sheet>
  );
}

type Form = ReturnType<typeof useOutingForm>;

function OutingPart({ form: { values: draft, set, problem } }: { form: Form }) {
  const scales = useScales();
  return (
    <Part title="The outing">
      <Flex direction="column" gap="4">
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            problem={problem('name')}
          />
          <TextField
            label="Start, on the venue’s clock"
            type="datetime-local"
            value={draft.startLocal}
            onChange={(startLocal) => set({ startLocal })}
            problem={problem('startLocal')}
          />
        </SimpleGrid>
        <ChoiceRow
          legend="Discipline"
          name="discipline"
          value={draft.discipline}
          onChange={(discipline) => set({ discipline })}
          options={DISCIPLINES.map((value) => ({ value, label: DISCIPLINE_WORDS[value] }))}
        />
        <ChoiceRow
          legend="Purpose"
          name="purpose"
          value={draft.purpose}
          onChange={(purpose) => set({ purpose })}
          options={PURPOSES.map((value) => ({ value, label: PURPOSE_WORDS[value] }))}
        />
        <Box maxW="320px">
          <NumberField
            label="Distance"
            scale={scales.distance}
            step={1}
            value={draft.distanceKm}
            onChange={(distanceKm) => set({ distanceKm })}
            problem={problem('distanceKm')}
          />
        </Box>
      </Flex>
    </Part>
  );
}

function VenuePart({ form, venues }: { form: Form; venues: Venue[] }) {
  const scales = useScales();
  const { values: draft, set, problem } = form;
  const venueId = chosenVenue(draft, venues);
  return (
    <Part title="The venue">
      <Flex direction="column" gap="4">
        {venues.length > 0 && (
          <ChoiceRow
            legend="Where"
            name="venue"
            optionWidth="160px"
            value={venueId}
            onChange={(next) => set({ venueId: next })}
            options={[
              ...venues.map((venue) => ({ value: venue.id, label: venue.name })),
              { value: NEW_VENUE, label: 'Another place' },
            ]}
          />
        )}
        {venueId === NEW_VENUE && (
          <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
            <TextField
              label="Name of the place"
              value={draft.venueName}
              onChange={(venueName) => set({ venueName })}
              problem={problem('venueName')}
            />
            <TextField
              label="Time zone"
              hint="Such as CET"
              value={draft.timeZone}
              onChange={(timeZone) => set({ timeZone })}
              problem={problem('timeZone')}
            />
            <NumberField
              label="Altitude"
              scale={scales.altitude}
              step={50}
              decimals={0}
              value={draft.altitudeM}
              onChange={(altitudeM) => set({ altitudeM })}
              problem={problem('altitudeM')}
            />
            <NumberField
              label="Latitude (south negative)"
              scale={scales.degrees}
              step={0.1}
              decimals={3}
              value={draft.latitude}
              onChange={(latitude) => set({ latitude })}
              problem={problem('latitude')}
            />
            <NumberField
              label="Longitude (west negative)"
              scale={scales.degrees}
              step={0.1}
              decimals={3}
              value={draft.longitude}
              onChange={(longitude) => set({ longitude })}
              problem={problem('longitude')}
            />
          </SimpleGrid>
        )}
      </Flex>
    </Part>
  );
}
