'use client';

import { useMemo } from 'react';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import type { Outing, TrackEvent } from '@/core/model';
import { SNOW } from '@/core/snow/figures';
import { SURFACE_EVENT_KINDS, type SurfaceEventKind } from '@/core/snow/outlook';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SheetForm } from '@/ui/fields/sheet-form';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { LineList } from '@/ui/frame/line-list';
import { Part } from '@/ui/frame/sheet';
import { dayAndTime } from '@/words/times';
import { snowScreenWords } from '@/words/screens/snow';
import { act } from '@/writes/act';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = snowScreenWords.trackWork;
const kindWords = () => ({ groomed: WORDS.groomed, skied: WORDS.skied }) as const;

interface TrackDraft {
  kind: SurfaceEventKind;
  /** On the venue's clock. */
  at: string;
  passes: number | undefined;
}

const given = ({ kind, at, passes }: TrackDraft, { id, venue }: Outing) => ({
  outingId: id,
  kind,
  at: isLocalTime(at) ? instantFromLocal(at, venue.timeZone) : at || undefined,
  ...(passes === undefined ? {} : { passes }),
});

/** What was done to the tracks of this outing, and a line to write the next into. */
export function TrackWork({ outing, events }: { outing: Outing; events: readonly TrackEvent[] }) {
  const scales = useScales();
  const { timeZone, groomedAt } = outing.venue;
  const start = useMemo<TrackDraft>(
    () => ({ kind: 'groomed', at: localFromInstant(outing.startAt, timeZone), passes: undefined }),
    [outing.startAt, timeZone],
  );
  const resolver = useMemo(
    () =>
      lateForm<TrackDraft>(
        () =>
          import('@/formats/schemas/track-event').then(({ trackEventSchema }) => trackEventSchema),
        (draft) => given(draft, outing),
      ),
    [outing],
  );
  const form = useDraftedForm<TrackDraft>(`track-work:${outing.id}`, start, resolver);
  const { values, bind } = form;
  const acts = useAct();
  const inWords = ({ kind, passes, at }: TrackEvent) =>
    `${dayAndTime(at, timeZone)}: ${WORDS.said(
      kindWords()[kind],
      passes === undefined ? '' : WORDS.passesOf(passes),
    )}`;
  const remove = (event: TrackEvent) =>
    acts.write(
      'track.remove',
      { id: event.id },
      {
        said: () => WORDS.removed(inWords(event)),
        undo: ({ outingId, at, kind, passes }) => [
          'track.add',
          { outingId, at, kind, ...(passes === undefined ? {} : { passes }) },
        ],
      },
    );
  const add = () => form.submit((draft, { key }) => act('track.add', key, given(draft, outing)));
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3">
        {groomedAt ? WORDS.usuallyAt(groomedAt) : WORDS.notUsually}
      </Text>
      <ActNotice acts={acts} />
      <SheetForm onSubmit={add}>
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mb="3">
          <ChoiceRow
            legend={WORDS.kind}
            name="track-work"
            optionWidth="110px"
            {...bind('kind')}
            options={optionsOf(SURFACE_EVENT_KINDS, kindWords())}
          />
          <TextField label={WORDS.when(timeZone)} type="datetime-local" {...bind('at')} />
          <NumberField
            label={WORDS.passes}
            hint={WORDS.usualPasses(values.kind, SNOW.usualPasses[values.kind])}
            scale={scales.fraction}
            step={1}
            decimals={0}
            startShown={SNOW.usualPasses[values.kind]}
            {...bind('passes')}
          />
        </SimpleGrid>
        <ActionButton type="submit" quiet loading={form.isSaving}>
          {WORDS.add}
        </ActionButton>
        <FieldProblemText problem={form.failure} />
      </SheetForm>
      {events.length === 0 && (
        <Text textStyle="small" color="faint" mt="2">
          {WORDS.onlyTheUsual}
        </Text>
      )}
      <Box mt="2">
        <LineList
          testId="track-events"
          lines={events.map((event) => ({
            key: event.id,
            text: inWords(event),
            action: WORDS.remove,
            actionLabel: WORDS.removeThe(inWords(event)),
            onAction: () => remove(event),
          }))}
        />
      </Box>
    </Part>
  );
}
