'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import type { KeptVenue, Venue } from '@/data/venues';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { venueSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useScales } from '@/ui/fields/scales';
import { Part } from '@/ui/frame/sheet';
import { savePlaceAction } from './actions';

type PlaceDraft = Omit<Venue, 'id'>;

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'Name of the place',
  timeZone: 'Time zone',
  altitudeM: 'Altitude, m',
  latitude: 'Latitude',
  longitude: 'Longitude',
  ownCorrectionC: 'Your own correction, °C',
};

const resolver = resolverFrom<PlaceDraft>((draft) => validate(venueSchema, draft));

/** The place itself: position, clock, and the technician's own correction for it. */
export function PlaceForm({ venue }: { venue: KeptVenue }) {
  const router = useRouter();
  const scales = useScales();
  const [isSaved, setIsSaved] = useState(false);
  const { id, version: _version, courseVersion: _course, ...start } = venue;
  const form = useDraftedForm<PlaceDraft>(`place:${id}`, start, resolver);
  const { values, set, problem } = form;
  const save = async () => {
    const saved = await form.submit((draft, { key, base }) =>
      savePlaceAction(key, id, draft, base),
    );
    setIsSaved(saved !== undefined);
    if (saved) router.refresh();
  };
  const figure = (field: 'altitudeM' | 'latitude' | 'longitude' | 'ownCorrectionC') => ({
    value: values[field],
    onChange: (value: number | undefined) => set({ [field]: value }),
    problem: problem(field),
  });
  return (
    <Part title="Place">
      <Box
        as="form"
        {...{ noValidate: true }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void save();
        }}
      >
        <SimpleGrid columns={{ base: 1, sm: 2, lg: 3 }} gap="4" mb="4">
          <TextField
            label="Name of the place"
            value={values.name}
            onChange={(name) => set({ name })}
            problem={problem('name')}
          />
          <TextField
            label="Time zone"
            hint="Such as CET"
            value={values.timeZone}
            onChange={(timeZone) => set({ timeZone })}
            problem={problem('timeZone')}
          />
          <NumberField
            label="Altitude of the venue"
            scale={scales.altitude}
            step={10}
            decimals={0}
            {...figure('altitudeM')}
          />
          <NumberField
            label="Latitude (south negative)"
            scale={scales.degrees}
            step={0.1}
            decimals={3}
            {...figure('latitude')}
          />
          <NumberField
            label="Longitude (west negative)"
            scale={scales.degrees}
            step={0.1}
            decimals={3}
            {...figure('longitude')}
          />
          <NumberField
            label="Your own correction here"
            hint="Added to every ledger at this venue"
            scale={scales.difference}
            step={0.5}
            {...figure('ownCorrectionC')}
          />
        </SimpleGrid>
        <ActionButton type="submit" loading={form.isSaving} loadingText="Saving…">
          Save the place
        </ActionButton>
        {isSaved && !form.isDirty && (
          <Text role="status" textStyle="body" mt="2">
            Place saved.
          </Text>
        )}
        <Meanwhile {...form.clashes} nameOf={(field) => FIELD_WORDS[field] ?? field} />
        <FieldProblemText problem={form.failure} />
      </Box>
    </Part>
  );
}
