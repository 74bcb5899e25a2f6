'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { distance, seconds, temperatureWithSpread } from '@/words/quantities';
import { choiceWords } from '@/words/areas/choice';
import { termsWords } from '@/words/areas/terms';
import { pickScreenWords } from '@/words/screens/pick';
import { howLine, renderedRanking } from '@/words/rendered/choice';
import { failureWords } from '@/words/rendered/mistake';
import { useWords } from '@/ui/format/use-words';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Swatch } from '@/ui/marks/swatch';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import type { PickState } from './use-pick';
import { listed } from '@/words/listed';

const WORDS = pickScreenWords.pickScreen;

const MOST_REASONS = 2;

interface PickAnswerProps {
  state: PickState;
  /** The products' own colours. */
  shelf: readonly ShownProduct[];
}

/** The answer at the top: the wax, how it goes on, what it costs and how sure, and what would come next. */
export function PickAnswer({ state, shelf }: PickAnswerProps) {
  const { units, write } = useWords();
  const { choice, failure, taken, best, advice, isOverruled, whatIf } = state.answer;
  if (!choice || !taken || !advice) {
    return (
      <Text textStyle="title">
        {failure
          ? failureWords(failure, units)
          : choice
            ? WORDS.nothingAllowed
            : WORDS.fixTheMarkedFieldsBelow}
      </Text>
    );
  }
  const next = choice.ranking.find((one) => !one.excluded && one.id !== taken.id);
  return (
    <Box aria-live="polite">
      <Flex align="center" gap="4" wrap="wrap">
        <Swatch color={shelf.find((one) => one.id === taken.id)?.swatch} />
        <Text textStyle="hero" data-testid="answer-product">
          {taken.name}
        </Text>
        {whatIf.isNudged && <Text textStyle="strong">{WORDS.whatIfShort}</Text>}
      </Flex>
      <Text textStyle="strong" mt="1" maxW="860px" textWrap="pretty" data-testid="answer-how">
        {howLine(choice, { taken, form: advice })}
      </Text>
      <Text textStyle="body" mt="1" maxW="860px" data-testid="answer-cost">
        {WORDS.costsAbout} <strong>{seconds(taken.expectedLossSeconds)}</strong>{' '}
        {WORDS.overTheWay(
          distance(state.form.draft.distanceKm ?? 0, units),
          seconds(taken.lossP90Seconds),
        )}{' '}
        {choiceWords.standing(taken.probabilityBest, !isOverruled)}
        {isOverruled && best && WORDS.youOverrule(best.name, seconds(best.expectedLossSeconds))}
      </Text>
      {choice.learned && (
        <Text textStyle="body" maxW="860px" data-testid="answer-learned">
          {WORDS.learned({
            shift: write.change(choice.learned.shiftC),
            ...choice.learned.here,
            insteadOf: choice.learned.insteadOf?.name,
          })}
        </Text>
      )}
      {next && (
        <Text textStyle="body" maxW="860px" data-testid="answer-next">
          {isOverruled ? WORDS.other : WORDS.nextBest} <strong>{next.name}</strong>,{' '}
          {seconds(next.expectedLossSeconds)}.{' '}
          {renderedRanking([next], write)[0]!.reasons.slice(0, MOST_REASONS).join(' ')}
        </Text>
      )}
    </Box>
  );
}

/** What the snow asks for, and what the odds are made of. */
export function PickFacts({ state }: { state: PickState }) {
  const { units, say, write } = useWords();
  const { choice } = state.answer;
  if (!choice) return null;
  const odds =
    state.day.source.basis === 'modelled'
      ? WORDS.theOddsCountTheWeathers
      : WORDS.theOddsCountTheSpread;
  const needs = choice.additives.map((one) => termsWords.NEED_WORDS[one.additive]);
  const { temperatureC, temperatureSdC = 0 } = choice.snow;
  return (
    <Box mb="6">
      <Flex gap="8" wrap="wrap" align="flex-end">
        <Fact label={WORDS.snowAtTheStart}>
          <span data-testid="answer-snow">
            {temperatureWithSpread(temperatureC, temperatureSdC, units)}
          </span>
        </Fact>
        <Fact label={WORDS.equivalentTemperature}>
          <span data-testid="answer-equivalent">
            {temperatureWithSpread(choice.equivalentTemperatureC, choice.equivalentSdC, units)}
          </span>
        </Fact>
        <Fact label={WORDS.hardnessScale}>
          <NotchGauge hardness={choice.hardness} />
        </Fact>
        <Fact label={WORDS.structure}>
          {WORDS.mm(termsWords.STRUCTURE_WORDS[choice.structure.kind], choice.structure.widthMm)}
        </Fact>
      </Flex>
      <Text textStyle="small" color="faint" mt="2">
        {needs.length > 0
          ? WORDS.asksFor(
              listed(needs),
              choice.additives.map((one) => say(choiceWords.ADDITIVE_REASON, one.reason)).join(' '),
            )
          : WORDS.noAdditiveIsNeeded}{' '}
        {say(choiceWords.STRUCTURE_REASON, choice.structure.reason)}{' '}
        {odds(write.difference(choice.spread.snowC), write.difference(choice.spread.modelC))}
      </Text>
    </Box>
  );
}

function Fact({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box>
      <Text textStyle="small" color="faint">
        {label}
      </Text>
      <Box textStyle="title">{children}</Box>
    </Box>
  );
}
