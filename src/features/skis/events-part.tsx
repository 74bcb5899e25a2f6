'use client';

import type { KeptEvent } from '@/core/model';
import { useMemo } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { SKI_EVENT_KINDS, WEAR_SNOWS, type SkiEventKind, type WearSnow } from '@/core/terms';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { skiEventInWords, waxingWords } from '@/words/ski-events';
import { dayAndTime } from '@/words/times';
import { wallIso } from '@/core/time';
import { KeptNote } from '@/ui/outbox/kept-note';
import { LineList } from '@/ui/frame/line-list';
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { actOrKeep } from '@/writes/act-or-keep';

const WORDS = skisScreenWords.eventsPart;

const WAXINGS = ['hot', 'liquid', 'top', 'box'] as const;
interface EventDraft {
  kind: SkiEventKind;
  km: number | undefined;
  snow: WearSnow;
  waxing: (typeof WAXINGS)[number];
  coats: number | undefined;
  boxHours: number | undefined;
  note: string;
}

const START: EventDraft = {
  kind: 'kilometres',
  km: undefined,
  snow: 'usual',
  waxing: 'hot',
  coats: 1,
  boxHours: undefined,
  note: '',
};

/** Only what this kind of event has. */
function fieldsOf(draft: EventDraft, skiId: string): Record<string, unknown> {
  const { kind, km, snow, waxing, coats, boxHours, note } = draft;
  const own =
    kind === 'kilometres'
      ? { km, snow }
      : kind === 'waxed'
        ? {
            waxing,
            coats: waxing === 'box' ? 0 : coats,
            boxHours: waxing === 'box' ? boxHours : undefined,
          }
        : {};
  const all = { skiId, kind, note: note || undefined, ...own };
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined));
}

/** An event that was taken back, as it is written once more. */
function asWritten({ skiId, kind, atMs, waxing, coats, boxHours, km, snow, note }: KeptEvent) {
  const all = { skiId, kind, waxing, coats, boxHours, km, snow, note };
  const given = Object.entries(all).filter(([, value]) => value !== undefined);
  return { ...Object.fromEntries(given), at: new Date(atMs).toISOString() };
}

const nameOf = ({ kind, km }: EventDraft): string =>
  kind === 'kilometres' && km !== undefined
    ? WORDS.kilometres(km)
    : termsWords.SKI_EVENT_WORDS[kind];

/** What happened to this ski, latest first, and a line to write the next into. */
export function EventsPart(props: {
  skiId: string;
  events: readonly KeptEvent[];
  timeZone: string;
}) {
  const { skiId, events, timeZone } = props;
  const scales = useScales();
  const resolver = useMemo(
    () =>
      lateForm<EventDraft>(
        () => import('@/formats/schemas/ski').then(({ skiEventSchema }) => skiEventSchema),
        (draft) => fieldsOf(draft, skiId),
      ),
    [skiId],
  );
  const form = useDraftedForm(`ski-event:${skiId}`, START, resolver);
  const { values: draft, set, bind } = form;
  const acts = useAct();
  const remove = (id: string) =>
    acts.write(
      'ski.event.remove',
      { id },
      {
        said: (event) => WORDS.takenBack(skiEventInWords(event)),
        undo: (event) => ['ski.event', asWritten(event)],
      },
    );
  return (
    <Part title={WORDS.itsLife}>
      <Flex direction="column" gap="4" mb="4">
        <ChoiceRow
          legend={WORDS.whatHappened}
          name="event-kind"
          optionWidth="100px"
          {...bind('kind')}
          options={optionsOf(SKI_EVENT_KINDS, termsWords.SKI_EVENT_WORDS)}
        />
        {draft.kind === 'kilometres' && (
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            <NumberField label={WORDS.howFar} scale={scales.distance} step={1} {...bind('km')} />
            <ChoiceRow
              legend={WORDS.onWhat}
              name="wear-snow"
              optionWidth="110px"
              {...bind('snow')}
              options={optionsOf(WEAR_SNOWS, termsWords.WEAR_SNOW_WORDS)}
            />
          </SimpleGrid>
        )}
        {draft.kind === 'waxed' && (
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            <ChoiceRow
              legend={WORDS.how}
              name="waxing"
              {...bind('waxing')}
              options={optionsOf(WAXINGS, waxingWords())}
            />
            {draft.waxing === 'box' ? (
              <NumberField
                label={WORDS.hoursInTheBox}
                scale={scales.hours}
                step={1}
                {...bind('boxHours')}
              />
            ) : (
              <NumberField
                label={WORDS.coatsLabel}
                scale={scales.fraction}
                step={1}
                decimals={0}
                {...bind('coats')}
              />
            )}
          </SimpleGrid>
        )}
        <Flex gap="4" align="flex-end" wrap="wrap">
          <Box flex="1 1 240px" maxW="480px">
            <TextField label={WORDS.note} value={draft.note} onChange={(note) => set({ note })} />
          </Box>
          <ActionButton
            loading={form.isSaving}
            onClick={() =>
              void form.submit((values, { key }) => {
                const at = wallIso();
                const input = { ...fieldsOf(values, skiId), at };
                return actOrKeep('ski.event', input, {
                  key,
                  label: WORDS.eventOf(nameOf(values)),
                  at,
                });
              })
            }
          >
            {WORDS.writeItDown}
          </ActionButton>
        </Flex>
        <FieldProblemText problem={form.failure} />
        <KeptNote text={form.keptHere} />
      </Flex>
      <ActNotice acts={acts} />
      {events.length === 0 && <Text textStyle="body">{WORDS.nothingIsWrittenDownYet}</Text>}
      <LineList
        isOrdered
        testId="ski-events"
        lines={events.map((event) => ({
          key: event.id,
          text: (
            <>
              {dayAndTime(new Date(event.atMs).toISOString(), timeZone)}: {skiEventInWords(event)}
              {event.jobId ? WORDS.byAJobOfThe : ''}
              {event.note ? `. ${event.note}` : ''}
            </>
          ),
          action: WORDS.deleteEvent,
          actionLabel: WORDS.takeBack(skiEventInWords(event)),
          onAction: () => remove(event.id),
        }))}
      />
    </Part>
  );
}
