'use client';

import type { ReactNode } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { QuickAnswer } from '@/core/quick';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Caution } from '@/ui/frame/sheet';
import { useWords } from '@/ui/format/use-words';
import { choiceWords } from '@/words/areas/choice';
import { snowWords } from '@/words/areas/snow';
import { termsWords } from '@/words/areas/terms';
import { quickScreenWords } from '@/words/screens/quick';
import { seconds, temperatureRange, temperatureWithSpread } from '@/words/quantities';
import { renderedForm } from '@/words/rendered/choice';
import { additiveWords } from './share-text';
import type { QuickState } from './use-quick';

const WORDS = quickScreenWords.quickScreen;

function Fact({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Text textStyle="small" color="faint">
        {label}
      </Text>
      <Box textStyle="strong">{children}</Box>
    </Box>
  );
}

/** The label to look for, large; beside it what else one asks at the shelf of a shop. */
export function Headline({ answer, problem }: Pick<QuickState, 'answer' | 'problem'>) {
  const { units } = useWords();
  if (!answer) return <Text textStyle="title">{problem}</Text>;
  const { label } = answer;
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="quick-label">
        {temperatureRange(label.lowC, label.highC, units)}
      </Text>
      <Text textStyle="strong" data-testid="quick-additive">
        {WORDS.lookFor(additiveWords(answer))}
      </Text>
    </Box>
  );
}

/** The same small at the bottom of a phone, where the answer is out of sight while one taps. */
export function FootLine({ answer }: { answer: QuickAnswer }) {
  const { units } = useWords();
  const { label } = answer;
  return (
    <Flex
      aria-hidden
      className="no-print"
      display={{ base: 'flex', lg: 'none' }}
      position="fixed"
      left="0"
      right="0"
      bottom="0"
      px="4"
      py="2"
      gap="4"
      align="center"
      justify="space-between"
      bg="ink"
      color="paper"
      zIndex="9"
    >
      <Text textStyle="title">{temperatureRange(label.lowC, label.highC, units)}</Text>
      <NotchGauge hardness={label.hardness} size={20} />
    </Flex>
  );
}

/** How to put it on, how sure it is, and what being one block off costs. */
export function Particulars({ answer }: { answer: QuickAnswer }) {
  const { units, say, write } = useWords();
  const { label, demand, guess, form, structureWork, distanceKm } = answer;
  const rendered = renderedForm(form, write);
  return (
    <Box>
      <Flex gap="8" wrap="wrap" mb="3">
        <Fact label={WORDS.hardness}>
          <NotchGauge hardness={label.hardness} />
        </Fact>
        <Fact label={WORDS.iron}>{write.temperature(label.ironC, 0)}</Fact>
        <Fact label={WORDS.structure}>
          {WORDS.structureOf(
            termsWords.STRUCTURE_WORDS[demand.structure.kind],
            demand.structure.widthMm,
          )}
        </Fact>
      </Flex>
      <Text textStyle="body" data-testid="quick-sure">
        {WORDS.snowNeeds(
          temperatureWithSpread(demand.equivalentTemperatureC, demand.equivalentSdC, units),
          choiceWords.odds(label.probabilityBest),
        )}
      </Text>
      {guess && (
        <Text textStyle="body" mt="1">
          {WORDS.guessed(
            temperatureWithSpread(demand.snow.temperatureC, demand.snow.temperatureSdC ?? 0, units),
            say(snowWords.GUESS, guess),
          )}
        </Text>
      )}
      <Text textStyle="body" mt="1" data-testid="quick-cost">
        {WORDS.oneStep(
          seconds(label.softerSeconds),
          seconds(label.harderSeconds),
          write.distance(distanceKm),
        )}
      </Text>
      <Text textStyle="body" mt="1">
        {rendered.how} {rendered.reason} {say(choiceWords.STRUCTURE_WORK, structureWork.how)}
      </Text>
      <GripLine answer={answer} />
      {demand.cautions
        .filter(({ code }) => code !== 'nothing_fits')
        .map((one) => (
          <Box key={one.code} mt="2">
            <Caution>{say(choiceWords.CAUTION, one)}</Caution>
          </Box>
        ))}
    </Box>
  );
}

function GripLine({ answer: { grip } }: { answer: QuickAnswer }) {
  const { units } = useWords();
  if (!grip) return null;
  const kind = quickScreenWords.GRIP_KIND[grip.key];
  const range = temperatureRange(grip.lowC, grip.highC, units);
  return (
    <Text textStyle="strong" mt="2" data-testid="quick-grip">
      {grip.kind === 'stick'
        ? WORDS.grip(kind, range, grip.layers)
        : WORDS.gripKlister(kind, range)}
      {grip.needsBinder && WORDS.overBinder}
    </Text>
  );
}
