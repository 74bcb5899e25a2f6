'use client';

import { Box, Text } from '@chakra-ui/react';
import { LIKENESS_PARTS, type LikenessPart } from '@/core/past';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { logScreenWords } from '@/words/screens/log';
import { dayAndTime } from '@/words/times';
import type { Writer } from '@/words/write';
import type { PastDay } from './use-cases/load-past';

const WORDS = logScreenWords.past;
const OUTCOME = logScreenWords.outcome;

/** A part that differs by less than this share of its scale is not worth its words. */
const WORTH_SAYING = 0.25;

function differenceIn(part: LikenessPart, { day }: PastDay, write: Writer): string {
  const { humidityFraction, wetness, grain, origin } = day.snow;
  switch (part) {
    case 'equivalent':
      return WORDS.difference.equivalent(write.temperature(day.equivalentC));
    case 'humidity':
      return WORDS.difference.humidity(write.percent(humidityFraction));
    case 'wetness':
      return WORDS.difference.wetness(termsWords.WETNESS_WORDS[wetness]);
    case 'grain':
      return WORDS.difference.grain(grain ? termsWords.GRAIN_WORDS[grain] : '');
    case 'origin':
      return WORDS.difference.origin(termsWords.ORIGIN_WORDS[origin]);
  }
}

/** Past days like that of the outing: by what they differ, what was taken, and how it turned out. */
export function PastPart({ past }: { past: readonly PastDay[] }) {
  return (
    <Part title={WORDS.title}>
      {past.map((one) => (
        <PastLine key={one.id} past={one} />
      ))}
    </Part>
  );
}

function PastLine({ past }: { past: PastDay }) {
  const { write } = useWords();
  const { outingName, startAt, timeZone, wax, likeness, outcome } = past;
  const parts = LIKENESS_PARTS.filter((part) => likeness.parts[part] >= WORTH_SAYING).map((part) =>
    differenceIn(part, past, write),
  );
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="2" data-testid="past-day">
      <Text textStyle="strong">
        {WORDS.day(outingName, dayAndTime(startAt, timeZone))}, {WORDS.KIND[likeness.kind]},{' '}
        {WORDS.taken(wax)}
      </Text>
      <Text textStyle="body">
        {outcome
          ? OUTCOME.was(OUTCOME.GLIDE[outcome.glide], OUTCOME.FEEL[outcome.feel])
          : WORDS.notSaid}{' '}
        {parts.length === 0 ? WORDS.same : WORDS.differs(parts)}
      </Text>
    </Box>
  );
}
