'use client';

import { Box, Text, chakra } from '@chakra-ui/react';
import { useDraggable } from '@dnd-kit/core';
import type { Block, PlannedTask } from '@/core/plan';
import { useWords } from '@/ui/format/use-words';
import { clockTime } from '@/words/times';
import { planScreenWords } from '@/words/screens/plan';
import type { BoardRow } from './board-rows';
import type { TimeScale } from './time-scale';
import type { PlanNow } from './use-cases/load-plan';
import { visitInWords } from '@/words/rendered/visit';

const WORDS = planScreenWords.board;

export const ROW_HEIGHT = 74;
export const NAME_WIDTH = 104;
const LABEL_HEIGHT = 24;
/** About as wide as a letter is in a box. */
const LETTER_PX = 8.5;
const BOX_EDGE_PX = 10;
/** Narrower than this a label is only letters. */
const LABELLED_PX = 34;
const LABEL_GAP_PX = 6;

interface LineProps {
  row: BoardRow;
  /** Its place from the top. */
  at: number;
  scale: TimeScale;
  now: PlanNow;
  products: Readonly<Record<string, string>>;
  chosenPairId: string | undefined;
  isAhead: (task: PlannedTask) => boolean;
  onChoose: (task: PlannedTask) => void;
}

/** A person's, or an iron's, line of the board. */
export function BoardLine(props: LineProps) {
  const { row } = props;
  return (
    <Box
      position="relative"
      h={`${ROW_HEIGHT}px`}
      borderTopWidth="1px"
      borderColor="rule"
      role="group"
      aria-label={WORDS.row(row.name)}
    >
      <Text
        as="span"
        textStyle="strong"
        position="sticky"
        left="0"
        zIndex="2"
        display="inline-block"
        w={`${NAME_WIDTH}px`}
        h="100%"
        pt="6"
        pr="2"
        bg="paper"
        overflow="hidden"
        textOverflow="ellipsis"
      >
        {row.name}
      </Text>
      {row.blocks.map((block) => (
        <BlockOnLine key={`${block.startMs}:${block.stepKey}`} block={block} {...props} />
      ))}
    </Box>
  );
}

/** A run of the same work: what it is above, a box a pair below. */
function BlockOnLine({ block, ...props }: LineProps & { block: Block }) {
  const { scale, now, products, row } = props;
  const { write } = useWords();
  const first = block.tasks[0]!;
  const step = now.plan.pairs.find(({ id }) => id === first.pairId)?.steps[first.index];
  if (!step) return null;
  const [left, right] = [scale.x(block.startMs), scale.x(block.endMs)];
  const what = visitInWords(step, { products, write });
  const label = row.kind === 'iron' && step.ironC ? write.temperature(step.ironC, 0) : what;
  const count = block.tasks.length > 1 ? `, ${WORDS.pairs(block.tasks.length)}` : '';
  return (
    <>
      <Text
        as="span"
        position="absolute"
        top="2px"
        h={`${LABEL_HEIGHT}px`}
        textStyle="small"
        lineHeight="24px"
        whiteSpace="nowrap"
        overflow="hidden"
        title={`${label}${count}`}
        aria-hidden
        style={{
          left: `${NAME_WIDTH + left}px`,
          width: `${Math.max(0, right - left - LABEL_GAP_PX)}px`,
        }}
      >
        {right - left >= LABELLED_PX && `${label}${count}`}
      </Text>
      {block.tasks.map((task) => (
        <TaskBox key={`${task.pairId}:${task.index}`} task={task} what={what} {...props} />
      ))}
    </>
  );
}

/** The longest of some names that fits a box; nothing where none does. */
const nameThatFits = (names: readonly string[], widthPx: number): string =>
  names.find((name) => name.length * LETTER_PX + BOX_EDGE_PX <= widthPx) ?? '';

const Button = chakra('button');

/** One visit of one pair. */
function TaskBox({
  task,
  what,
  row,
  at,
  scale,
  now,
  chosenPairId,
  isAhead,
  onChoose,
}: LineProps & { task: PlannedTask; what: string }) {
  const { plan, visits, summary } = now;
  const isMovable = row.kind === 'person' && isAhead(task);
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `${row.kind}:${task.pairId}:${task.index}`,
    data: { task, row: at },
    disabled: !isMovable,
  });
  const pair = plan.pairs.find(({ id }) => id === task.pairId)!;
  const state = visits[task.pairId]?.[task.index]?.state ?? 'ahead';
  const isLate = (summary.pairs.find(({ pairId }) => pairId === task.pairId)?.lateMin ?? 0) >= 1;
  const isChosen = chosenPairId === task.pairId;
  const [left, right] = [scale.x(task.startMs), scale.x(task.endMs)];
  const clock = (ms: number) => clockTime(new Date(ms).toISOString(), plan.timeZone);
  const spoken = [
    WORDS.task(what, pair.skiName, clock(task.startMs), clock(task.endMs)),
    WORDS.state[state],
    isLate ? WORDS.late : '',
  ]
    .filter(Boolean)
    .join(', ');
  const isOver = state === 'done' || state === 'waiting';
  return (
    <Button
      ref={setNodeRef}
      type="button"
      {...(isMovable ? listeners : {})}
      onClick={() => onChoose(task)}
      aria-label={spoken}
      aria-pressed={isChosen}
      title={spoken}
      position="absolute"
      top={`${LABEL_HEIGHT + 2}px`}
      h="44px"
      px="1"
      overflow="hidden"
      textStyle="small"
      textAlign="left"
      whiteSpace="nowrap"
      cursor={isMovable ? 'grab' : 'pointer'}
      touchAction="manipulation"
      borderWidth={isChosen ? '3px' : '1px'}
      borderColor={isLate ? 'danger' : isChosen ? 'action' : 'edge'}
      bg={state === 'running' ? 'action' : isOver ? 'sunk' : 'sheet'}
      color={state === 'running' ? 'onAction' : isOver ? 'faint' : 'ink'}
      textDecoration={isOver ? 'line-through' : undefined}
      zIndex={isChosen || transform ? '1' : undefined}
      style={{
        left: `${NAME_WIDTH + left}px`,
        width: `${Math.max(4, right - left)}px`,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    >
      {nameThatFits([pair.skiName, pair.skierName, pair.skierName.slice(0, 2)], right - left)}
    </Button>
  );
}
