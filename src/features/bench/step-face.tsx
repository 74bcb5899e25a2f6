'use client';

import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { leftOf, type RenderedStep } from '@/core/bench';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { countdown, span } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { Caution } from '@/ui/frame/sheet';
import { figuresLine } from './figures-line';
import { evenPasses, PaceGuide } from './pace-guide';
import { StrokeCounter } from './stroke-counter';
import type { RunnerState } from './use-runner';
import { benchScreenWords } from '@/words/screens/bench';
import { termsWords } from '@/words/areas/terms';

const WORDS = benchScreenWords.stepFace;

/** One step, large: its figures or its countdown, what to do, until when, what to mind. */
export function StepFace({
  step,
  pieces,
  runner,
  now,
}: {
  step: RenderedStep;
  pieces?: 1 | 2;
  runner: RunnerState;
  now: number;
}) {
  const units = useUnits();
  const scales = useScales();
  const { wait } = runner.state;
  const { temperatureC, passS, passes, timings, strokes, grams } = step.figures;
  const left = wait ? leftOf(wait, now) : 0;
  const isOver = wait !== undefined && left <= 0;
  return (
    <Box>
      {wait ? (
        <Text
          fontSize={{ base: '72px', md: '112px' }}
          lineHeight="1"
          fontWeight="650"
          color={isOver ? 'danger' : 'ink'}
          role="timer"
          data-testid="countdown"
        >
          {isOver ? WORDS.over : countdown(left)}
        </Text>
      ) : (
        <Text textStyle="hero" data-testid="step-figures">
          {figuresLine(step, { units, pieces, isShort: true })}
        </Text>
      )}
      {wait && (
        <Text textStyle="strong">
          {isOver
            ? WORDS.since(span(left))
            : now < wait.leastMs
              ? WORDS.atLeastMore(span(wait.leastMs - now + 59_000))
              : WORDS.longEnoughIfItMust}
        </Text>
      )}
      <Text textStyle="title" mt="3" maxW="900px" textWrap="pretty">
        {step.what}
      </Text>
      <Text textStyle="body" mt="2">
        <strong>{WORDS.doneWhen}</strong> {step.doneWhen}
      </Text>
      {step.caution && (
        <Box mt="3">
          <Caution>{step.caution}</Caution>
        </Box>
      )}
      <Text textStyle="small" color="faint">
        {step.tool}. {step.reason}
        {step.school ? WORDS.ourWay(termsWords.inSentence(step.school)) : ''}
      </Text>
      {passS !== undefined && <PaceGuide timings={timings ?? evenPasses(passS, passes ?? 1)} />}
      {strokes !== undefined && strokes > 1 && <StrokeCounter wanted={strokes} />}
      {(temperatureC !== undefined || grams !== undefined) && (
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4" maxW="520px" mt="3">
          {temperatureC !== undefined && (
            <NumberField
              label={WORDS.setAtTheIron}
              scale={scales.temperature}
              step={5}
              decimals={0}
              value={runner.setC}
              onChange={(setC) => runner.type({ setC })}
            />
          )}
          {grams !== undefined && (
            <NumberField
              label={WORDS.takenFromTheShelf}
              scale={scales.grams}
              step={0.5}
              value={runner.grams}
              onChange={(taken) => runner.type({ grams: taken })}
            />
          )}
        </SimpleGrid>
      )}
    </Box>
  );
}
