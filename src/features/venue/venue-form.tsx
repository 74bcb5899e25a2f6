'use client';

import type { KeptVenue, Venue } from '@/core/model';
import { useState } from 'react';
import { SimpleGrid, Text } from '@chakra-ui/react';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField } from '@/ui/fields/number-field';
import { PositionField } from '@/ui/fields/position-field';
import { TextField } from '@/ui/fields/text-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useScales } from '@/ui/fields/scales';
import { Part } from '@/ui/frame/sheet';
import { fieldsWords } from '@/words/areas/fields';
import { venueScreenWords } from '@/words/screens/venue';
import { act } from '@/writes/act';

const WORDS = venueScreenWords.placeForm;

type PlaceDraft = Omit<Venue, 'id'>;

const resolver = lateForm<PlaceDraft>(
  async () => (await import('@/formats/schemas/outing')).venueSchema,
);

/** The place itself: position, clock, and the technician's own correction for it. */
export function VenueForm({ venue }: { venue: KeptVenue }) {
  const scales = useScales();
  const [isSaved, setIsSaved] = useState(false);
  const { id, version: _version, courseVersion: _course, ...start } = venue;
  const form = useDraftedForm<PlaceDraft>(`place:${id}`, start, resolver);
  const { values, set, bind, problem } = form;
  const save = async () => {
    const saved = await form.submit((draft, { key, base }) =>
      act('venue.save', key, { id, input: draft, base }),
    );
    setIsSaved(saved !== undefined);
  };
  const figure = (field: 'altitudeM' | 'ownCorrectionC') => ({
    value: values[field],
    onChange: (value: number | undefined) => set({ [field]: value }),
    problem: problem(field),
  });
  return (
    <Part title={WORDS.place}>
      <SheetForm onSubmit={save}>
        <SimpleGrid columns={{ base: 1, sm: 2, lg: 3 }} gap="4" mb="4">
          <TextField label={WORDS.nameOfThePlace} {...bind('name')} />
          <TextField label={WORDS.timeZone} hint={WORDS.suchAsCet} {...bind('timeZone')} />
          <TextField
            label={WORDS.usuallyGroomedAt}
            hint={WORDS.everyNightEmptyForNever}
            type="time"
            value={values.groomedAt ?? ''}
            onChange={(groomedAt) => set({ groomedAt })}
            problem={problem('groomedAt')}
          />
          <NumberField
            label={WORDS.altitudeOfTheVenue}
            scale={scales.altitude}
            step={10}
            decimals={0}
            {...figure('altitudeM')}
          />
          <PositionField value={values} onChange={set} />
          <NumberField
            label={WORDS.yourOwnCorrectionHere}
            hint={WORDS.ownCorrectionHint}
            scale={scales.difference}
            step={0.5}
            {...figure('ownCorrectionC')}
          />
        </SimpleGrid>
        <ActionButton type="submit" loading={form.isSaving} loadingText={WORDS.saving}>
          {WORDS.saveThePlace}
        </ActionButton>
        {isSaved && !form.isDirty && (
          <Text role="status" textStyle="body" mt="2">
            {WORDS.placeSaved}
          </Text>
        )}
        <Meanwhile {...form.clashes} names={fieldsWords.VENUE} />
        <FieldProblemText problem={form.failure} />
      </SheetForm>
    </Part>
  );
}
