'use client';

import { Box, Text } from '@chakra-ui/react';
import { METHOD_GROUPS, type Layer } from '@/core/choice';
import { BASE_STATES } from '@/core/terms';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { choiceWords } from '@/words/areas/choice';
import { methodsWords } from '@/words/areas/methods';
import { termsWords } from '@/words/areas/terms';
import { pickScreenWords } from '@/words/screens/pick';
import { lossInTime } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import { renderedForm } from '@/words/rendered/choice';
import { useWords } from '@/ui/format/use-words';
import { SheetLink } from '@/ui/frame/sheet-link';
import { Disclosure } from '@/ui/frame/disclosure';
import type { PickState } from './use-pick';

const WORDS = pickScreenWords.howPart;

const placeWords = (): Record<Layer['place'], string> => ({
  conditioning: WORDS.feedTheBase,
  edges: WORDS.alongTheEdges,
  under: WORDS.beneath,
  glide: WORDS.waxOfTheDay,
  top: WORDS.onTop,
});

const seenWords = () =>
  ({
    in_use: WORDS.nothing,
    dry: WORDS.dryPlaces,
    new: WORDS.aNewGrind,
    burnt: WORDS.burntEdges,
  }) as const;

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
  const { choice, advice, methods } = state.answer;
  const { base } = state.day;
  const { say, write } = useWords();
  if (!choice || !advice) return null;
  const form = renderedForm(advice, write);
  return (
    <>
      <ChoiceRow
        legend={WORDS.baseOfTheSkis}
        name="base-state"
        optionWidth="78px"
        value={base.state}
        onChange={(baseState) => state.form.set({ baseState })}
        options={optionsOf(BASE_STATES, termsWords.BASE_STATE_WORDS)}
      />
      {base.seen && (
        <Text textStyle="small" color="faint" mt="1">
          {WORDS.theLookOverFoundOn(
            seenWords()[base.seen.state],
            base.seen.names.join(', '),
            base.seen.isCommon ? '.' : WORDS.jobSheetCovers,
          )}
        </Text>
      )}
      {choice.layerPlan.layers.map((layer) => (
        <Line key={layer.place} name={placeWords()[layer.place]}>
          <strong>{layer.name}</strong>, {termsWords.inSentence(termsWords.FORM_WORDS[layer.form])},{' '}
          {layer.coats === 1 ? WORDS.oneCoat : WORDS.coats(layer.coats)}.{' '}
          {say(choiceWords.LAYER_REASON, layer.reason)}
        </Line>
      ))}
      {choice.layerPlan.missing.map((missing) => (
        <Line key={missing.code} name={WORDS.notOnTheShelf}>
          {say(choiceWords.MISSING_LAYER, missing)}
        </Line>
      ))}
      <Line name={WORDS.form}>
        <strong>{termsWords.FORM_WORDS[advice.form]}</strong>. {form.reason} {form.how}
      </Line>
      <Line name={WORDS.structure}>
        {say(choiceWords.STRUCTURE_WORK, choice.structureWork.how)}
      </Line>
      <Disclosure mt="2" title={WORDS.theWayWeWork}>
        {METHOD_GROUPS.map((group) => (
          <Line key={group.key} name={methodsWords.METHOD_TITLE[group.key]}>
            <strong>{methodsWords.SCHOOL[methods[group.key]].label}</strong>.{' '}
            {methodsWords.SCHOOL[methods[group.key]].reason}
          </Line>
        ))}
        <SheetLink href={settingsHref}>{WORDS.setTheTeamsOwnWays}</SheetLink>
      </Disclosure>
    </>
  );
}

/** Whether one wax serves the whole start window, and a blend where that beats the shelf. */
export function WindowPart({ state, timeZone }: { state: PickState; timeZone: string }) {
  const { choice } = state.answer;
  if (!choice) return null;
  const { window, blend } = choice;
  const loss = (percent: number) => lossInTime(percent, percent * choice.secondsPerPercent);
  const isSame = window?.byTime.every((one) => one.id === window.byTime[0]!.id) ?? true;
  return (
    <>
      {window && (
        <Text textStyle="body" mb="2" data-testid="window">
          {isSame ? (
            WORDS.oneWaxServes
          ) : (
            <>
              {WORDS.oneWaxCosts} <strong>{loss(window.oneForAllCostPercent)}</strong>{' '}
              {WORDS.overBestAtEach(window.ownPays ? WORDS.waxEachStart : WORDS.notWorthTheChange)}
            </>
          )}
        </Text>
      )}
      {window &&
        !isSame &&
        window.byTime.map((one) => (
          <Line key={one.timeMs} name={dayAndTime(new Date(one.timeMs).toISOString(), timeZone)}>
            <strong>{one.name}</strong>, {loss(one.lossPercent)}
          </Line>
        ))}
      {blend && (
        <Text textStyle="body" mt="2">
          {WORDS.blendBeatsShelf(loss(blend.gainPercent), blend.hard.parts)}
          <strong>{blend.hard.name}</strong> {WORDS.toOf(blend.soft.parts)}
          <strong>{blend.soft.name}</strong> {WORDS.byMass}
        </Text>
      )}
    </>
  );
}
