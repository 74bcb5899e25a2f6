'use client';

import { useMemo, useState } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import type { PlannedTask } from '@/core/plan';
import { Part } from '@/ui/frame/sheet';
import { clockTime } from '@/words/times';
import { planScreenWords } from '@/words/screens/plan';
import { BoardLine, ROW_HEIGHT, NAME_WIDTH } from './board-line';
import { boardRows, waitingSpans } from './board-rows';
import { ChosenStep } from './chosen-step';
import { PrintStyle } from './print-style';
import { ticksOf, timeScale, type TimeScale } from './time-scale';
import type { PlanNow } from './use-cases/load-plan';
import { useMove } from './use-move';
import type { usePlan } from './use-plan';

const WORDS = planScreenWords.board;

/** A minute is never narrower; a short plan fills the sheet. */
const LEAST_PX_A_MINUTE = 2.4;
const SHEET_PX = 930;
const MINUTE_MS = 60_000;
const SNAP_MS = 5 * MINUTE_MS;
const TICK_MIN = 30;
/** So far a press may stray before it drags. */
const STRAY_PX = 8;

interface PlanBoardProps {
  now: PlanNow;
  products: Readonly<Record<string, string>>;
  nowMs: number;
  planner: ReturnType<typeof usePlan>;
}

/** The plan as a board: time across, people and irons down; a chosen pair is followed through all of it. */
export function PlanBoard({ now, products, nowMs, planner }: PlanBoardProps) {
  const { plan } = now;
  const [chosen, setChosen] = useState<{ pairId: string; index: number }>();
  const mover = useMove(now, { products, planner });
  const rows = useMemo(() => boardRows(now), [now]);
  const scale = useMemo(() => fillingScale(plan.tasks), [plan]);
  const people = rows.filter(({ kind }) => kind === 'person');
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: STRAY_PX } }),
  );
  const dropped = ({ active, delta }: DragEndEvent) => {
    const { task, row } = active.data.current as { task: PlannedTask; row: number };
    const raw = scale.at(scale.x(task.startMs) + delta.x);
    const to = people[row + Math.round(delta.y / ROW_HEIGHT)];
    const startMs = delta.x === 0 ? task.startMs : Math.round(raw / SNAP_MS) * SNAP_MS;
    void mover.move(task, { startMs, technicianId: to?.name });
  };
  const chosenTask = plan.tasks.find(
    ({ pairId, index }) => pairId === chosen?.pairId && index === chosen.index,
  );
  return (
    <Part title={WORDS.title}>
      <PrintStyle boardPx={scale.width + NAME_WIDTH} />
      <Text textStyle="small" color="faint" mb="2" className="no-print">
        {WORDS.hint}
      </Text>
      <DndContext id="plan-board" sensors={sensors} onDragEnd={dropped}>
        <Box
          overflowX="auto"
          position="relative"
          tabIndex={0}
          role="region"
          aria-label={WORDS.overTime}
          _print={{ overflow: 'visible' }}
        >
          <Box position="relative" w={`${scale.width + NAME_WIDTH}px`} className="plan-board">
            <Hours scale={scale} timeZone={plan.timeZone} />
            {rows.map((row, at) => (
              <BoardLine
                key={`${row.kind}:${row.name}`}
                row={row}
                at={at}
                scale={scale}
                now={now}
                products={products}
                chosenPairId={chosen?.pairId}
                isAhead={mover.isAhead}
                onChoose={({ pairId, index }) => setChosen({ pairId, index })}
              />
            ))}
            <Waiting now={now} scale={scale} />
            <NowLine nowMs={nowMs} scale={scale} />
          </Box>
        </Box>
      </DndContext>
      {chosenTask && (
        <ChosenStep
          task={chosenTask}
          now={now}
          products={products}
          mover={mover}
          onClose={() => setChosen(undefined)}
        />
      )}
    </Part>
  );
}

/** Wide enough to fill the sheet, and not so narrow that steps cannot be told apart. */
function fillingScale(tasks: readonly PlannedTask[]): TimeScale {
  const narrow = timeScale(tasks, LEAST_PX_A_MINUTE);
  const share = narrow.width > 0 ? Math.max(1, SHEET_PX / narrow.width) : 1;
  return timeScale(tasks, LEAST_PX_A_MINUTE * share);
}

/** The clock along the top. */
function Hours({ scale, timeZone }: { scale: TimeScale; timeZone: string }) {
  return (
    <Box position="relative" h="26px" ml={`${NAME_WIDTH}px`} aria-hidden>
      {ticksOf(scale, TICK_MIN).map((ms) => (
        <Text
          key={ms}
          as="span"
          position="absolute"
          textStyle="small"
          color="faint"
          borderLeftWidth="1px"
          borderColor="rule"
          pl="1"
          style={{ left: `${scale.x(ms)}px` }}
        >
          {clockTime(new Date(ms).toISOString(), timeZone)}
        </Text>
      ))}
    </Box>
  );
}

/** How many pairs cool or dry, below the rest. */
function Waiting({ now, scale }: { now: PlanNow; scale: TimeScale }) {
  const spans = waitingSpans(now);
  if (spans.length === 0) return null;
  return (
    <Box position="relative" h="34px" borderTopWidth="1px" borderColor="rule">
      <Text
        as="span"
        textStyle="small"
        position="sticky"
        left="0"
        display="inline-block"
        w={`${NAME_WIDTH}px`}
        bg="paper"
        zIndex="2"
      >
        {WORDS.waits}
      </Text>
      {spans.map(({ fromMs, toMs, count }) => {
        const [left, right] = [scale.x(fromMs), scale.x(toMs)];
        return (
          <Box
            key={fromMs}
            position="absolute"
            top="6px"
            h="20px"
            bg="sunk"
            borderBottomWidth="2px"
            borderStyle="dashed"
            borderColor="edge"
            textStyle="small"
            overflow="hidden"
            title={WORDS.waitsHint(count)}
            style={{ left: `${NAME_WIDTH + left}px`, width: `${right - left}px` }}
          >
            {right - left > 16 ? count : ''}
          </Box>
        );
      })}
    </Box>
  );
}

/** Where it is now. */
function NowLine({ nowMs, scale }: { nowMs: number; scale: TimeScale }) {
  const [first, last] = [scale.stretches[0], scale.stretches.at(-1)];
  if (!first || !last || nowMs < first.fromMs || nowMs > last.toMs) return null;
  return (
    <Box
      position="absolute"
      top="0"
      bottom="0"
      w="2px"
      bg="danger"
      pointerEvents="none"
      className="no-print"
      style={{ left: `${NAME_WIDTH + scale.x(nowMs)}px` }}
    >
      <Text as="span" textStyle="small" color="danger" px="1" fontWeight="650" whiteSpace="nowrap">
        {WORDS.now}
      </Text>
    </Box>
  );
}
