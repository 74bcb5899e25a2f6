'use client';

import { Box, Text } from '@chakra-ui/react';
import type { Difference, GlideResult } from '@/core/glide';
import { Part } from '@/ui/frame/sheet';
import { testScreenWords } from '@/words/screens/test';
import { shownDifference, shownSide, signed } from './glide-words';

const WORDS = testScreenWords.testScreen;
const TEN_MIN = 10;

/** The same in friction, with the interval that goes with it. */
function frictionWords(percent: number, always: Difference['always']): string {
  const ends = always?.frictionPercent;
  return ends
    ? WORDS.friction(signed(percent, 1), signed(ends.low, 1), signed(ends.high, 1))
    : WORDS.frictionOnly(signed(percent, 1));
}

/** Every two skis with what lies between them, and the drift of the track that was taken out. */
export function ResultsPart({ result }: { result: GlideResult }) {
  const { measure, differences, driftPerMin } = result;
  if (differences.length === 0) return null;
  const side = (value: number) => shownSide(measure, value);
  return (
    <Part title={WORDS.results}>
      {differences.map(({ a, b, estimate, always, frictionPercent }) => (
        <Box key={`${a}:${b}`} mb="3" data-testid="difference">
          <Text textStyle="strong">{WORDS.difference(b, a, side(estimate))}</Text>
          <Text textStyle="body">
            {always ? WORDS.between(side(always.low), side(always.high)) : WORDS.noInterval}
          </Text>
          {frictionPercent && (
            <Text textStyle="body">{frictionWords(frictionPercent.estimate, always)}</Text>
          )}
        </Box>
      ))}
      {driftPerMin !== undefined && (
        <Text textStyle="small" color="faint">
          {WORDS.drift(shownDifference(measure, TEN_MIN * driftPerMin))}
        </Text>
      )}
    </Part>
  );
}
