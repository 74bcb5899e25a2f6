import { blocksOf, type Block, type PlannedTask } from '@/core/plan';
import type { PlanNow } from './use-cases/load-plan';

/** A row of the board: a person, an iron, or the rack. */
export interface BoardRow {
  kind: 'person' | 'iron';
  name: string;
  blocks: Block[];
}

/** People first, then irons, each with blocks of the same work. */
export function boardRows({ plan }: PlanNow): BoardRow[] {
  const tasks = plan.tasks.filter(({ startMs, endMs }) => endMs > startMs);
  const names = [
    ...new Set([
      ...plan.cabin.people.map(({ id }) => id),
      ...tasks.flatMap(({ technicianId }) => technicianId ?? []),
    ]),
  ];
  // An iron that stands is no line.
  const irons = [...new Set(tasks.flatMap(({ ironId }) => ironId ?? []))].sort();
  const row = (kind: BoardRow['kind'], name: string, own: PlannedTask[]): BoardRow => ({
    kind,
    name,
    // Whoever holds the iron, its row is one.
    blocks: blocksOf(kind === 'iron' ? own.map((task) => ({ ...task, technicianId: name })) : own),
  });
  return [
    ...names.map((name) =>
      row(
        'person',
        name,
        tasks.filter(({ technicianId }) => technicianId === name),
      ),
    ),
    ...irons.map((name) =>
      row(
        'iron',
        name,
        tasks.filter(({ ironId }) => ironId === name),
      ),
    ),
  ];
}

/** How many pairs wait on the rack, as spans of time. */
export function waitingSpans({ plan }: PlanNow): { fromMs: number; toMs: number; count: number }[] {
  const changes = plan.tasks
    .flatMap((task) => {
      const pair = plan.pairs.find(({ id }) => id === task.pairId);
      const waitMs = (pair?.steps[task.index]?.waitMin ?? 0) * 60_000;
      return waitMs > 0
        ? [
            { at: task.endMs, by: 1 },
            { at: task.endMs + waitMs, by: -1 },
          ]
        : [];
    })
    .sort((a, b) => a.at - b.at || a.by - b.by);
  const spans: { fromMs: number; toMs: number; count: number }[] = [];
  let count = 0;
  changes.forEach(({ at, by }, k) => {
    count += by;
    const toMs = changes[k + 1]?.at ?? at;
    if (count > 0 && toMs > at) spans.push({ fromMs: at, toMs, count });
  });
  return spans;
}
