'use client';

import { Box, Text } from '@chakra-ui/react';
import { METHOD_GROUPS, type Layer } from '@/core/choice';
import { BASE_STATES } from '@/core/terms';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { dayAndTime } from '@/ui/format/times';
import { BASE_STATE_WORDS, FORM_WORDS } from '@/ui/format/words';
import { SheetLink } from '@/ui/frame/sheet-link';
import type { PickState } from './use-pick';

const PLACE_WORDS: Record<Layer['place'], string> = {
  conditioning: 'Feed the base',
  edges: 'Along the edges',
  under: 'Beneath',
  glide: 'Wax of the day',
  top: 'On top',
};

const SEEN_WORDS = {
  in_use: 'nothing',
  dry: 'dry places',
  new: 'a new grind',
  burnt: 'burnt edges',
} as const;

function Line({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: '1fr', sm: '132px 1fr' }}
      columnGap="4"
      py="2"
      borderBottomWidth="1px"
      borderColor="rule"
    >
      <Text textStyle="small" color="faint">
        {name}
      </Text>
      <Box textStyle="small">{children}</Box>
    </Box>
  );
}

/** Layers in the order they go on, structure, form and method: what the bench is to do. */
export function HowPart({ state, settingsHref }: { state: PickState; settingsHref: string }) {
  const { choice, advice, methods } = state;
  if (!choice || !advice) return null;
  return (
    <>
      <ChoiceRow
        legend="Base of the skis"
        name="base-state"
        optionWidth="78px"
        value={state.base.state}
        onChange={(baseState) => state.set({ baseState })}
        options={BASE_STATES.map((value) => ({ value, label: BASE_STATE_WORDS[value] }))}
      />
      {state.base.seen && (
        <Text textStyle="small" color="faint" mt="1">
          The look-over found {SEEN_WORDS[state.base.seen.state]} on{' '}
          {state.base.seen.names.join(', ')}
          {state.base.seen.isCommon ? '.' : ': its own job sheet minds that.'}
        </Text>
      )}
      {choice.layerPlan.layers.map((layer) => (
        <Line key={layer.place} name={PLACE_WORDS[layer.place]}>
          <strong>{layer.name}</strong>, {FORM_WORDS[layer.form].toLowerCase()},{' '}
          {layer.coats === 1 ? 'one coat' : `${layer.coats} coats`}. {layer.reason}
        </Line>
      ))}
      {choice.layerPlan.missing.map((missing) => (
        <Line key={missing} name="Not on the shelf">
          {missing}
        </Line>
      ))}
      <Line name="Form">
        <strong>{FORM_WORDS[advice.form]}</strong>. {advice.reason} {advice.how}
      </Line>
      <Line name="Structure">{choice.structureWork.how}</Line>
      <Box as="details" mt="2">
        <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
          The way we work
        </Box>
        {METHOD_GROUPS.map((group) => (
          <Line key={group.key} name={group.title}>
            <strong>{methods[group.key]!.label}</strong>. {methods[group.key]!.reason}
          </Line>
        ))}
        <SheetLink href={settingsHref}>Set the team’s own ways</SheetLink>
      </Box>
    </>
  );
}

/** Whether one wax serves the whole start window, and a blend where that beats the shelf. */
export function WindowPart({ state, timeZone }: { state: PickState; timeZone: string }) {
  const { choice } = state;
  if (!choice) return null;
  const { window, blend } = choice;
  const isSame = window?.byTime.every((one) => one.id === window.byTime[0]!.id) ?? true;
  return (
    <>
      {window && (
        <Text textStyle="body" mb="2" data-testid="window">
          {isSame ? (
            'One wax serves the whole time on snow.'
          ) : (
            <>
              One wax for all costs <strong>{window.oneForAllCostPercent.toFixed(2)} %</strong> over
              the best at each time:{' '}
              {window.ownPays ? 'give each start its own where you can.' : 'not worth the change.'}
            </>
          )}
        </Text>
      )}
      {window &&
        !isSame &&
        window.byTime.map((one) => (
          <Line key={one.timeMs} name={dayAndTime(new Date(one.timeMs).toISOString(), timeZone)}>
            <strong>{one.name}</strong>, {one.lossPercent.toFixed(2)} %
          </Line>
        ))}
      {blend && (
        <Text textStyle="body" mt="2">
          A blend beats the shelf by {blend.gainPercent.toFixed(2)} %: {blend.hard.parts} parts{' '}
          <strong>{blend.hard.name}</strong> to {blend.soft.parts} of{' '}
          <strong>{blend.soft.name}</strong> by mass.
        </Text>
      )}
    </>
  );
}
