'use client';

import { Flex, Text } from '@chakra-ui/react';
import type { PlannedTask } from '@/core/plan';
import { ActionButton } from '@/ui/fields/action-button';
import { SelectField } from '@/ui/fields/select-field';
import { useWords } from '@/ui/format/use-words';
import { clockTime, span } from '@/words/times';
import { planScreenWords } from '@/words/screens/plan';
import type { PlanNow } from './use-cases/load-plan';
import type { useMove } from './use-move';
import { visitInWords } from '@/words/rendered/visit';

const WORDS = planScreenWords.board;

const MINUTE_MS = 60_000;
const STEP_MS = 5 * MINUTE_MS;

interface ChosenStepProps {
  task: PlannedTask;
  now: PlanNow;
  products: Readonly<Record<string, string>>;
  mover: ReturnType<typeof useMove>;
  onClose: () => void;
}

/** The step that was chosen on the board: its pair with all steps, and the keys that move it. */
export function ChosenStep({ task, now, products, mover, onClose }: ChosenStepProps) {
  const { write } = useWords();
  const { plan } = now;
  const pair = plan.pairs.find(({ id }) => id === task.pairId)!;
  const clock = (ms: number) => clockTime(new Date(ms).toISOString(), plan.timeZone);
  const own = plan.tasks.filter(({ pairId }) => pairId === task.pairId);
  const names = [...new Set(plan.cabin.people.map(({ id }) => id))];
  return (
    <Flex
      direction="column"
      gap="2"
      bg="sunk"
      borderLeftWidth="4px"
      borderColor="action"
      px="3"
      py="2"
      mt="3"
      className="no-print"
      data-testid="chosen-step"
    >
      <Text textStyle="strong">{WORDS.chosen(pair.skiName, pair.skierName)}</Text>
      <Text textStyle="small">
        {own
          .filter(({ startMs, endMs }) => endMs > startMs)
          .map(({ index, startMs, endMs }) => {
            const step = pair.steps[index]!;
            const what = visitInWords(step, { products, write });
            const said = WORDS.step(what, clock(startMs), clock(endMs));
            const wait = step.waitMin ? `, ${WORDS.wait(span(step.waitMin * MINUTE_MS))}` : '';
            return `${said}${wait}`;
          })
          .join('. ')}
        .
      </Text>
      {mover.isAhead(task) ? (
        <Flex gap="3" align="flex-end" wrap="wrap">
          <ActionButton
            quiet
            onClick={() => void mover.move(task, { startMs: task.startMs - STEP_MS })}
          >
            {WORDS.earlier}
          </ActionButton>
          <ActionButton
            quiet
            onClick={() => void mover.move(task, { startMs: task.startMs + STEP_MS })}
          >
            {WORDS.later}
          </ActionButton>
          {task.technicianId !== undefined && (
            <SelectField
              label={WORDS.with}
              value={task.technicianId}
              options={names.map((name) => ({ value: name, label: name }))}
              onChange={(technicianId) =>
                void mover.move(task, { startMs: task.startMs, technicianId })
              }
            />
          )}
          <ActionButton quiet onClick={onClose}>
            {WORDS.close}
          </ActionButton>
        </Flex>
      ) : (
        <Text textStyle="small">{WORDS.past}</Text>
      )}
    </Flex>
  );
}
