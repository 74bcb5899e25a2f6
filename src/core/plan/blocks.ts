import { MINUTE_MS } from '../units/constants';
import { PLAN } from './figures';
import type { VisitState } from './progress';
import type { PlannedTask } from './types';

/** The same work of one person on several pairs, one after the other. */
export interface Block<T extends PlannedTask = PlannedTask> {
  technicianId: string | undefined;
  stepKey: string;
  startMs: number;
  endMs: number;
  tasks: T[];
}

/** The plan of each person as blocks, in order of time: pauses as short as a walk to the rack do not break one. */
export function blocksOf<T extends PlannedTask>(tasks: readonly T[]): Block<T>[] {
  const blocks: Block<T>[] = [];
  const last = new Map<string | undefined, Block<T>>();
  for (const task of [...tasks].sort((a, b) => a.startMs - b.startMs)) {
    if (task.endMs <= task.startMs) continue;
    const open = last.get(task.technicianId);
    const fits =
      open !== undefined &&
      open.stepKey === task.stepKey &&
      task.startMs - open.endMs <= PLAN.blockPauseMin * MINUTE_MS;
    if (fits) {
      open.tasks.push(task);
      open.endMs = Math.max(open.endMs, task.endMs);
      continue;
    }
    const { technicianId, stepKey, startMs, endMs } = task;
    const block = { technicianId, stepKey, startMs, endMs, tasks: [task] };
    last.set(technicianId, block);
    blocks.push(block);
  }
  return blocks;
}

/** Blocks that still have a visit to begin or to end, in order of time. */
export const openBlocks = <T extends PlannedTask>(
  tasks: readonly T[],
  stateOf: (task: T) => VisitState,
): Block<T>[] =>
  blocksOf(tasks).filter((block) =>
    block.tasks.some((task) => ['ahead', 'running'].includes(stateOf(task))),
  );
