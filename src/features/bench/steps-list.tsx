'use client';

import { Box, Text } from '@chakra-ui/react';
import type { RenderedSheet, StepRecord } from '@/core/bench';
import { useUnits } from '@/ui/format/units-context';
import { figuresLine } from './figures-line';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.stepsList;

const outcomeWords = () =>
  ({
    done: WORDS.done,
    skipped: WORDS.skipped,
    ended_early: WORDS.endedEarly,
  }) as const;

interface StepsListProps {
  sheet: RenderedSheet;
  records?: readonly StepRecord[];
  position?: number;
}

/** Every step of a sheet in order: what, with which figures, until when. */
export function StepsList({ sheet, records = [], position }: StepsListProps) {
  const units = useUnits();
  return (
    <Box as="ol" listStyleType="none" m="0" p="0" data-testid="steps">
      {sheet.steps.map((step, i) => {
        const record = records.find((one) => one.position === i);
        const isNow = i === position;
        return (
          <Box
            as="li"
            key={step.key}
            display="grid"
            gridTemplateColumns={{ base: '34px 1fr', md: '34px minmax(200px, 280px) 1fr' }}
            columnGap="3"
            py="2"
            borderTopWidth="1px"
            borderColor="rule"
            borderLeftWidth="4px"
            borderLeftColor={isNow ? 'action' : 'transparent'}
            pl="2"
            aria-current={isNow ? 'step' : undefined}
          >
            <Text textStyle="small" color="faint">
              {i + 1}
            </Text>
            <Box>
              <Text textStyle="strong">{step.title}</Text>
              <Text textStyle="small">{figuresLine(step, { units, pieces: sheet.pieces })}</Text>
            </Box>
            <Box gridColumn={{ base: '2', md: 'auto' }}>
              <Text textStyle="small">
                {step.what} <strong>{WORDS.until}</strong> {step.doneWhen}
              </Text>
              {step.caution && <StepCaution sheet={sheet} at={i} />}
              {record?.outcome && (
                <Text textStyle="small" color="faint">
                  {outcomeWords()[record.outcome]}
                  {record.skipReason ? `: ${record.skipReason}` : ''}
                </Text>
              )}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** The caution of a step in full where it first stands, afterwards by the number of that step. */
function StepCaution({ sheet, at }: { sheet: RenderedSheet; at: number }) {
  const { caution } = sheet.steps[at]!;
  const first = sheet.steps.findIndex((step) => step.caution === caution);
  return first === at ? (
    <Text textStyle="small" color="danger">
      {caution}
    </Text>
  ) : (
    <Text textStyle="small" color="faint">
      {WORDS.sameCautionAsStep(first + 1)}
    </Text>
  );
}
