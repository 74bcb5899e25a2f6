import type { KeptPlan } from '@/core/model';
import { blocksOf, type PlannedTask } from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { writeWorkCalendar } from '@/formats/calendar/plan';
import { writePlan, type PlanLine } from '@/formats/csv/plan';
import { asFile, onePage, whole, type OutFile } from '@/formats/out-file';
import { failed, type WireResult } from '@/formats/wire';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';
import { visitInWords } from '@/words/rendered/visit';

const WORDS = planScreenWords.planFiles;
const WRITE = writerFor(DEFAULT_UNITS);

type Names = Record<string, string>;

async function withNames(
  db: FrostDatabase,
): Promise<WireResult<{ plan: KeptPlan; products: Names }>> {
  const plan = await latestPlan(db);
  if (!plan) return failed('not_found', WORDS.noPlan);
  const products = Object.fromEntries((await listProducts(db)).map(({ id, name }) => [id, name]));
  return { ok: true, value: { plan, products } };
}

const stepOf = (plan: KeptPlan, { pairId, index }: PlannedTask) => {
  const pair = plan.pairs.find(({ id }) => id === pairId)!;
  return { pair, step: pair.steps[index]! };
};

function lineOf(plan: KeptPlan, products: Names, task: PlannedTask): PlanLine {
  const { pair, step } = stepOf(plan, task);
  return {
    person: task.technicianId,
    begin: new Date(task.startMs).toISOString(),
    end: new Date(task.endMs).toISOString(),
    station: planWords.STATION[step.station],
    wax: step.productId && products[step.productId],
    ironC: step.ironC,
    iron: task.ironId,
    pair: pair.skiName,
    skier: pair.skierName,
    outing: pair.outingName,
    waitMin: step.waitMin,
  };
}

/** The plan in force as a file: CSV with a line a visit, or JSON. */
export async function exportPlan(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const found = await withNames(db);
  if (!found.ok) return found;
  const { plan, products } = found.value;
  const lines = plan.tasks
    .filter(({ startMs, endMs }) => endMs > startMs)
    .map((task) => lineOf(plan, products, task));
  return asFile('plan', { format, pages: onePage(lines), write: writePlan });
}

/** The work of one person as a calendar, an entry a block. */
export async function personCalendar(
  db: FrostDatabase,
  person: string,
): Promise<WireResult<OutFile>> {
  const found = await withNames(db);
  if (!found.ok) return found;
  const { plan, products } = found.value;
  const blocks = blocksOf(plan.tasks).filter(({ technicianId }) => technicianId === person);
  if (blocks.length === 0) return failed('not_found', WORDS.nobody);
  const text = writeWorkCalendar(
    blocks.map(({ tasks, startMs, endMs }, place) => ({
      id: `${plan.id}-${place}-${startMs}`,
      title: visitInWords(stepOf(plan, tasks[0]!).step, { products, write: WRITE }),
      note: tasks.map((task) => stepOf(plan, task).pair.skiName).join(', '),
      startMs,
      endMs,
    })),
  );
  return { ok: true, value: { name: 'plan.ics', type: 'text/calendar', pieces: whole(text) } };
}
