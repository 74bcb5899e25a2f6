'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { useShownRows } from '@/ui/frame/shown-rows';
import { Part } from '@/ui/frame/sheet';
import { logScreenWords } from '@/words/screens/log';
import { learningScreenWords } from '@/words/screens/learning';
import { dayAndTime } from '@/words/times';
import type { ListedResult } from './use-cases/load-learning';
import type { useLearning } from './use-learning';

const WORDS = learningScreenWords.learning;
const { GLIDE, FEEL } = logScreenWords.outcome;

interface ResultsPartProps {
  results: readonly ListedResult[];
  learning: ReturnType<typeof useLearning>;
}

function whatWas({ of, isMute }: ListedResult): string {
  if (of.kind === 'outcome') {
    return WORDS.outcome(of.wax, GLIDE[of.outcome.glide], FEEL[of.outcome.feel]);
  }
  return isMute ? WORDS.muteTest(of.test.skis) : WORDS.test(of.waxes, of.runs);
}

/** Every result, the latest first: what it was, by how much it moved this venue, and leaving it out. */
export function ResultsPart({ results, learning }: ResultsPartProps) {
  const { shown, more } = useShownRows(results);
  return (
    <Part title={WORDS.results}>
      {results.length === 0 && <Text textStyle="body">{WORDS.noResults}</Text>}
      {shown.map((one) => (
        <ResultLine key={one.id} result={one} learning={learning} />
      ))}
      {more}
    </Part>
  );
}

function ResultLine({
  result,
  learning,
}: {
  result: ListedResult;
  learning: ResultsPartProps['learning'];
}) {
  const { write } = useWords();
  const what = whatWas(result);
  const { id, at, outingName, timeZone, isMute, counts, movedC, isHere, isForgotten } = result;
  return (
    <Flex
      borderTopWidth="1px"
      borderColor="rule"
      py="2"
      gap="4"
      justify="space-between"
      align="center"
      wrap="wrap"
      data-testid="result"
    >
      <Box minW="0" flex="1 1 280px">
        <Text textStyle="strong">{what}</Text>
        <Text textStyle="small" color="faint">
          {WORDS.when(outingName, dayAndTime(at, timeZone))}
          {isMute ? ` ${WORDS.MUTE[result.of.kind]}` : ''}
        </Text>
      </Box>
      {!isMute && (
        <Flex gap="4" align="center">
          <Text textStyle="body">
            {[
              counts
                ? WORDS.moved(write.change(movedC))
                : isForgotten
                  ? WORDS.isForgotten
                  : WORDS.isOut,
            ]
              .concat(isHere ? [] : [WORDS.elsewhere])
              .join(', ')}
          </Text>
          {!isForgotten && (
            <ActionButton
              quiet
              aria-label={counts ? WORDS.leaveOutOf(what) : WORDS.countAgainOf(what)}
              disabled={learning.acts.isBusy}
              onClick={() => void learning.exclude(id, counts)}
            >
              {counts ? WORDS.leaveOut : WORDS.countAgain}
            </ActionButton>
          )}
        </Flex>
      )}
    </Flex>
  );
}
