'use client';

import { Box, Text } from '@chakra-ui/react';
import { quickJob, type QuickAnswer, type QuickInput } from '@/core/quick';
import { Caution, Part } from '@/ui/frame/sheet';
import { useWords } from '@/ui/format/use-words';
import { benchWords } from '@/words/areas/bench';
import { stepsWords } from '@/words/areas/steps';
import { benchScreenWords } from '@/words/screens/bench';
import { quickScreenWords } from '@/words/screens/quick';
import { temperatureRange } from '@/words/quantities';

const WORDS = quickScreenWords.quickJob;

/** The job for one pair in at most ten steps, with the cautions under it: one page to print. */
export function QuickJob({ answer, input }: { answer: QuickAnswer; input: QuickInput }) {
  const { units, write } = useWords();
  const { label, grip } = answer;
  const range = (lowC: number, highC: number) => temperatureRange(lowC, highC, units);
  const stages = quickJob(answer, input.discipline, {
    wax: WORDS.wax(range(label.lowC, label.highC)),
    grip: grip
      ? WORDS.gripWax(quickScreenWords.GRIP_KIND[grip.key], range(grip.lowC, grip.highC))
      : '',
    binder: WORDS.binder,
  });
  const cautions = [...new Set(stages.flat().flatMap((step) => step.caution ?? []))];
  return (
    <Part title={WORDS.theJob}>
      <Box as="ol" listStyleType="none" m="0" p="0" data-testid="quick-job">
        {stages.map((stage, i) => {
          const steps = stage.map((step) => stepsWords.stepWords(step.work, write));
          const { temperatureC, passes } =
            stage.find((step) => step.kind === 'iron')?.figures ?? {};
          const main = stage.findIndex((step) => step.kind === 'iron');
          const rendered = steps[Math.max(0, main)]!;
          return (
            <Box
              as="li"
              key={stage[0]!.key}
              display="grid"
              gridTemplateColumns="34px 1fr"
              py="2"
              borderTopWidth="1px"
              borderColor="rule"
            >
              <Text textStyle="strong" color="faint">
                {i + 1}
              </Text>
              <Box>
                <Text textStyle="strong">
                  {[...new Set(steps.map((one) => one.title))].join('. ')}
                  {temperatureC !== undefined &&
                    `: ${write.temperature(temperatureC, 0)}, ${benchScreenWords.figuresLine.passes(passes ?? 1, false)}`}
                </Text>
                <Text textStyle="small">
                  {rendered.what} {benchScreenWords.stepFace.doneWhen} {rendered.doneWhen}
                </Text>
              </Box>
            </Box>
          );
        })}
      </Box>
      <Box mt="4">
        {cautions.map((code) => (
          <Caution key={code}>{benchWords.STEP_CAUTION[code]}</Caution>
        ))}
      </Box>
      <Text textStyle="small" color="faint">
        {benchWords.FIRST_OF_ALL}
      </Text>
    </Part>
  );
}
