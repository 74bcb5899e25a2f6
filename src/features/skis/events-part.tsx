'use client';

import { useMemo, useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { SKI_EVENT_KINDS, WEAR_SNOWS, type SkiEventKind, type WearSnow } from '@/core/terms';
import type { KeptEvent } from '@/data/ski-events';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { skiEventSchema } from '@/formats/schemas/ski';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useWrite } from '@/ui/fields/use-write';
import { dayAndTime } from '@/ui/format/times';
import { SKI_EVENT_WORDS, WEAR_SNOW_WORDS } from '@/ui/format/words';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { addEventAction, removeEventAction } from './actions';

const WAXINGS = ['hot', 'liquid', 'top', 'box'] as const;
const WAXING_WORDS = {
  hot: 'Hot wax',
  liquid: 'Liquid',
  top: 'Top layer',
  box: 'Hot box',
  storage: 'Storage wax',
} as const;

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

function inWords(event: KeptEvent): string {
  if (event.kind === 'kilometres')
    return `${event.km} km, ${WEAR_SNOW_WORDS[event.snow ?? 'usual'].toLowerCase()}`;
  if (event.kind === 'waxed') {
    const how = WAXING_WORDS[event.waxing ?? 'hot'].toLowerCase();
    return event.waxing === 'box'
      ? `Waxed in the hot box, ${event.boxHours ?? 0} h`
      : `Waxed, ${how}, ${event.coats === 1 ? 'one coat' : `${event.coats ?? 1} coats`}`;
  }
  return SKI_EVENT_WORDS[event.kind];
}

/** What happened to this ski, latest first, and a line to write the next into. */
export function EventsPart(props: {
  skiId: string;
  events: readonly KeptEvent[];
  timeZone: string;
}) {
  const { skiId, events, timeZone } = props;
  const scales = useScales();
  const [removed, setRemoved] = useState<KeptEvent>();
  const resolver = useMemo(
    () => resolverFrom<EventDraft>((draft) => validate(skiEventSchema, fieldsOf(draft, skiId))),
    [skiId],
  );
  const form = useDraftedForm(`ski-event:${skiId}`, START, resolver);
  const { values: draft, set, problem } = form;
  const { send } = useWrite();
  const [failure, setProblem] = useState<string>();
  const remove = async (id: string) => {
    const done = await send(`remove:${id}`, (key) => removeEventAction(key, id));
    if (done) setProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setRemoved(done.value);
  };
  const putBack = async (event: KeptEvent) => {
    const { skiId: ofSki, kind, atMs, waxing, coats, boxHours, km, snow, note } = event;
    const all = { skiId: ofSki, kind, waxing, coats, boxHours, km, snow, note };
    const given = Object.entries(all).filter(([, value]) => value !== undefined);
    const fields = { ...Object.fromEntries(given), at: new Date(atMs).toISOString() };
    const done = await send(`back:${event.id}`, (key) => addEventAction(key, fields));
    if (done) setProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setRemoved(undefined);
  };
  return (
    <Part title="Its life">
      <Flex direction="column" gap="4" mb="4">
        <ChoiceRow
          legend="What happened"
          name="event-kind"
          optionWidth="100px"
          value={draft.kind}
          onChange={(kind) => set({ kind })}
          options={SKI_EVENT_KINDS.map((value) => ({ value, label: SKI_EVENT_WORDS[value] }))}
        />
        {draft.kind === 'kilometres' && (
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            <NumberField
              label="How far"
              scale={scales.distance}
              step={1}
              value={draft.km}
              onChange={(km) => set({ km })}
              problem={problem('km')}
            />
            <ChoiceRow
              legend="On what"
              name="wear-snow"
              optionWidth="110px"
              value={draft.snow}
              onChange={(snow) => set({ snow })}
              options={WEAR_SNOWS.map((value) => ({ value, label: WEAR_SNOW_WORDS[value] }))}
            />
          </SimpleGrid>
        )}
        {draft.kind === 'waxed' && (
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            <ChoiceRow
              legend="How"
              name="waxing"
              value={draft.waxing}
              onChange={(waxing) => set({ waxing })}
              options={WAXINGS.map((value) => ({ value, label: WAXING_WORDS[value] }))}
            />
            {draft.waxing === 'box' ? (
              <NumberField
                label="Hours in the box"
                scale={scales.hours}
                step={1}
                value={draft.boxHours}
                onChange={(boxHours) => set({ boxHours })}
                problem={problem('boxHours')}
              />
            ) : (
              <NumberField
                label="Coats"
                scale={scales.fraction}
                step={1}
                decimals={0}
                value={draft.coats}
                onChange={(coats) => set({ coats })}
                problem={problem('coats')}
              />
            )}
          </SimpleGrid>
        )}
        <Flex gap="4" align="flex-end" wrap="wrap">
          <Box flex="1 1 240px" maxW="480px">
            <TextField label="Note" value={draft.note} onChange={(note) => set({ note })} />
          </Box>
          <ActionButton
            loading={form.isSaving}
            onClick={() =>
              void form.submit((values, { key }) => addEventAction(key, fieldsOf(values, skiId)))
            }
          >
            Write it down
          </ActionButton>
        </Flex>
        <FieldProblemText problem={form.failure ?? failure} />
      </Flex>
      {removed && (
        <UndoNotice
          message={`${inWords(removed)}: taken back.`}
          onUndo={() => void putBack(removed)}
          onClose={() => setRemoved(undefined)}
        />
      )}
      {events.length === 0 && <Text textStyle="body">Nothing is written down yet.</Text>}
      <Box as="ol" listStyleType="none" m="0" p="0" data-testid="ski-events">
        {events.map((event) => (
          <Flex
            as="li"
            key={event.id}
            justify="space-between"
            align="center"
            gap="4"
            borderTopWidth="1px"
            borderColor="rule"
          >
            <Text textStyle="small">
              {dayAndTime(new Date(event.atMs).toISOString(), timeZone)}: {inWords(event)}
              {event.jobId ? ', by a job of the bench' : ''}
              {event.note ? `. ${event.note}` : ''}
            </Text>
            <ActionButton
              quiet
              aria-label={`Take back: ${inWords(event)}`}
              onClick={() => void remove(event.id)}
            >
              Take back
            </ActionButton>
          </Flex>
        ))}
      </Box>
    </Part>
  );
}
