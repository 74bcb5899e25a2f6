'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { DISCIPLINES, PURPOSES, type Discipline, type Purpose } from '@/core/terms';
import { instantFromLocal, isLocalTime } from '@/core/time';
import type { Venue } from '@/data/venues';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraft } from '@/ui/fields/use-draft';
import { DISCIPLINE_WORDS, PURPOSE_WORDS } from '@/ui/format/words';
import { Part, Sheet } from '@/ui/frame/sheet';
import { saveOutingAction } from './actions';

const NEW_VENUE = 'new';

interface OutingDraft {
  name: string;
  venueId: string;
  startLocal: string;
  discipline: Discipline;
  purpose: Purpose;
  distanceKm?: number;
  venueName: string;
  timeZone: string;
  altitudeM?: number;
  latitude?: number;
  longitude?: number;
}

const EMPTY: OutingDraft = {
  name: '',
  venueId: '',
  startLocal: '',
  discipline: 'skate',
  purpose: 'training',
  distanceKm: 10,
  venueName: '',
  timeZone: '',
};

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

function OutingPart({ form: { draft, set, problems } }: { form: Form }) {
  const scales = useScales();
  return (
    <Part title="The outing">
      <Flex direction="column" gap="4">
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            problem={problems.name}
          />
          <TextField
            label="Start, on the venue’s clock"
            type="datetime-local"
            value={draft.startLocal}
            onChange={(startLocal) => set({ startLocal })}
            problem={problems.startAt}
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
            problem={problems.distanceKm}
          />
        </Box>
      </Flex>
    </Part>
  );
}

function VenuePart({ form, venues }: { form: Form; venues: Venue[] }) {
  const scales = useScales();
  const { draft, set, problems, venueId } = form;
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
              problem={problems['venue.name']}
            />
            <TextField
              label="Time zone"
              hint="Such as CET"
              value={form.timeZone}
              onChange={(timeZone) => set({ timeZone })}
              problem={problems['venue.timeZone']}
            />
            <NumberField
              label="Altitude"
              scale={scales.altitude}
              step={50}
              decimals={0}
              value={draft.altitudeM}
              onChange={(altitudeM) => set({ altitudeM })}
              problem={problems['venue.altitudeM']}
            />
            <NumberField
              label="Latitude (south negative)"
              scale={scales.degrees}
              step={0.1}
              decimals={3}
              value={draft.latitude}
              onChange={(latitude) => set({ latitude })}
              problem={problems['venue.latitude']}
            />
            <NumberField
              label="Longitude (west negative)"
              scale={scales.degrees}
              step={0.1}
              decimals={3}
              value={draft.longitude}
              onChange={(longitude) => set({ longitude })}
              problem={problems['venue.longitude']}
            />
          </SimpleGrid>
        )}
      </Flex>
    </Part>
  );
}

function useOutingForm(venues: Venue[]) {
  const router = useRouter();
  const { draft: kept, write } = useDraft<OutingDraft>('outing');
  const [unsaved, setUnsaved] = useState<OutingDraft>();
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [failure, setFailure] = useState<string>();
  const [isSaving, setIsSaving] = useState(false);
  const draft = unsaved ?? kept ?? EMPTY;
  const venueId = draft.venueId || (venues[0]?.id ?? NEW_VENUE);
  const timeZone = draft.timeZone || 'CET';

  const set = (change: Partial<OutingDraft>) => {
    const next = { ...draft, ...change };
    setUnsaved(next);
    write(next);
  };
  const save = async () => {
    const zone = venues.find((venue) => venue.id === venueId)?.timeZone ?? timeZone;
    setIsSaving(true);
    try {
      const saved = await saveOutingAction(
        {
          name: draft.name,
          venueId,
          discipline: draft.discipline,
          purpose: draft.purpose,
          distanceKm: draft.distanceKm,
          fluorocarbonsAllowed: false,
          startAt: instantOrNothing(draft.startLocal, zone),
        },
        venueId === NEW_VENUE
          ? {
              name: draft.venueName,
              timeZone,
              altitudeM: draft.altitudeM,
              latitude: draft.latitude,
              longitude: draft.longitude,
              ownCorrectionC: 0,
            }
          : undefined,
      );
      if (saved.ok) {
        write(undefined);
        router.push(`/outing/${saved.value.id}/snow`);
        return;
      }
      const details = saved.error.details as { field: string; message: string }[];
      setProblems(Object.fromEntries(details.map(({ field, message }) => [field, message])));
      setFailure(details.length > 0 ? 'Mend the marked fields.' : saved.error.message);
    } catch {
      setFailure('Not saved: the server did not answer. What you typed is kept; try again.');
    } finally {
      setIsSaving(false);
    }
  };
  const leave = () => router.push('/');
  return { draft, set, save, leave, problems, failure, isSaving, venueId, timeZone };
}

function instantOrNothing(local: string, timeZone: string): string | undefined {
  if (!isLocalTime(local)) return undefined;
  try {
    return instantFromLocal(local, timeZone);
  } catch {
    return undefined;
  }
}
