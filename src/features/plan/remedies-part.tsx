'use client';

import { Flex, Text } from '@chakra-ui/react';
import type { Remedy, RemedyChange } from '@/core/plan';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { clockTime, span } from '@/words/times';
import { benchWords } from '@/words/areas/bench';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';
import type { Writer } from '@/words/write';
import type { Relaxation } from './relaxations';
import type { Relaxed } from './use-relaxing';

const WORDS = planScreenWords.planScreen;

const MINUTE_MS = 60_000;

/** What would help a plan that is late, each worked out by planning anew. */
export function RemediesPart({
  remedies,
  relaxed,
  timeZone,
  onTake,
}: {
  remedies: readonly Remedy[];
  relaxed: readonly Relaxed[];
  timeZone: string;
  onTake: (relaxation: Relaxation) => void;
}) {
  const { say, write } = useWords();
  if (remedies.length === 0 && relaxed.length === 0) return null;
  const inWords = (change: RemedyChange) =>
    change.code === 'one_more_person'
      ? planWords.onePersonMore(
          ...([change.fromMs, change.toMs].map((ms) =>
            clockTime(new Date(ms).toISOString(), timeZone),
          ) as [string, string]),
        )
      : say(planWords.REMEDY, change);
  return (
    <Part title={WORDS.helps}>
      {relaxed.map(({ relaxation, ...then }) => {
        const less = lessInWords(relaxation, write);
        return (
          <Flex key={less} gap="4" align="center" wrap="wrap">
            <Text textStyle="body">{WORDS.helpsLate(less, thenWords(then))}</Text>
            <ActionButton
              plain
              aria-label={WORDS.planSoWith(less)}
              onClick={() => onTake(relaxation)}
            >
              {WORDS.planSo}
            </ActionButton>
          </Flex>
        );
      })}
      {remedies.map(({ change, weightedLatenessMin, left }) => (
        <Text key={JSON.stringify(change)} textStyle="body">
          {WORDS.helpsLate(inWords(change), thenWords({ weightedLatenessMin, left }))}
        </Text>
      ))}
    </Part>
  );
}

/** What the plan would be then. */
const thenWords = ({ weightedLatenessMin, left }: Pick<Relaxed, 'weightedLatenessMin' | 'left'>) =>
  left > 0
    ? WORDS.helpsPairs(left)
    : weightedLatenessMin < 1
      ? WORDS.helpsNone
      : WORDS.helpsSome(span(weightedLatenessMin * MINUTE_MS));

/** Less to do, in words. */
const lessInWords = ({ leaveOut, mostCoats, liquid = [] }: Relaxation, write: Writer) =>
  [
    leaveOut.length > 0 &&
      WORDS.leaveOut(leaveOut.map((key) => `“${benchWords.PROGRAMME[key]}”`).join(', ')),
    mostCoats !== undefined && WORDS.mostCoats(mostCoats),
    liquid.length > 0 &&
      WORDS.liquidFor(
        liquid[0]!.product,
        liquid.map(({ skiName }) => skiName),
        write.number(Math.max(0, ...liquid.map(({ lossPercent }) => lossPercent)), 1),
      ),
  ]
    .filter(Boolean)
    .join(' ');
