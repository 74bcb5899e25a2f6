import type { Job, KeptPlan, PlannedPair } from '@/core/model';
import { jobState, type RenderedStep } from '@/core/bench';
import { openBlocks, type Block } from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { planSheet } from '@/server/job/plan-sheet';
import { isAsPlanned, jobsOfPairs, visitsNow, type VisitNow } from '@/server/plan/pair-jobs';
import { renderedSheet } from '@/words/rendered/sheet';
import type { Units } from '@/words/units';
import { writerFor } from '@/words/write';
import type { BlockNow } from '../block-now';

interface Standing {
  plan: KeptPlan;
  jobs: ReadonlyMap<string, Job>;
  visits: ReadonlyMap<string, VisitNow[]>;
  pairOf: (id: string) => PlannedPair;
}

async function standing(db: FrostDatabase): Promise<Standing | undefined> {
  const plan = await latestPlan(db);
  if (!plan) return undefined;
  const jobs = await jobsOfPairs(db, plan.pairs);
  const byId = new Map(plan.pairs.map((pair) => [pair.id, pair]));
  return {
    plan,
    jobs,
    visits: new Map(plan.pairs.map((pair) => [pair.id, visitsNow(pair, jobs.get(pair.id))])),
    pairOf: (id) => byId.get(id)!,
  };
}

function blockNow(
  { tasks, technicianId, startMs, endMs }: Block,
  { plan, jobs, visits, pairOf }: Standing,
): Omit<BlockNow, 'wax'> {
  const first = tasks[0]!;
  const { station, productId, ironC } = pairOf(first.pairId).steps[first.index]!;
  return {
    planId: plan.id,
    person: technicianId ?? '',
    startMs,
    endMs,
    visit: { station, productId, ironC },
    pairs: tasks.map(({ pairId, index }) => {
      const job = jobs.get(pairId);
      const state = visits.get(pairId)?.[index]?.state ?? 'ahead';
      return {
        pairId,
        index,
        skiName: pairOf(pairId).skiName,
        skierName: pairOf(pairId).skierName,
        state,
        jobId: job?.id,
        wait: job && state === 'waiting' ? jobState(job.sheet, job.records).wait : undefined,
      };
    }),
  };
}

/** The block that each person works next by the plan in force; none where there is no plan. */
export async function blocksNow(db: FrostDatabase): Promise<BlockNow[]> {
  const stands = await standing(db);
  return stands ? blocksOf(db, stands) : [];
}

async function blocksOf(db: FrostDatabase, stands: Standing): Promise<BlockNow[]> {
  const { plan, visits, jobs, pairOf } = stands;
  const open = openBlocks(
    // A pair that runs another sheet than the planned one has no visits to tick.
    plan.tasks.filter(({ pairId }) => isAsPlanned(pairOf(pairId), jobs.get(pairId))),
    ({ pairId, index }) => visits.get(pairId)?.[index]?.state ?? 'ahead',
  );
  const nameOf = new Map((await listProducts(db)).map(({ id, name }) => [id, name]));
  const people = [...new Set(open.flatMap(({ technicianId }) => technicianId ?? []))];
  return people.map((name) => {
    const block = open.find(({ technicianId }) => technicianId === name)!;
    const now = blockNow(block, stands);
    return { ...now, wax: now.visit.productId && nameOf.get(now.visit.productId) };
  });
}

/** A person's block with its steps as its first open pair has them: what to do, with which figures, until when. */
export async function blockOf(
  db: FrostDatabase,
  person: string,
  { nowMs, units }: { nowMs: number; units: Units },
): Promise<{ block: BlockNow; steps: RenderedStep[]; pieces: 1 | 2 | undefined } | undefined> {
  const stands = await standing(db);
  const block = stands && (await blocksOf(db, stands)).find((one) => one.person === person);
  if (!block) return undefined;
  const { pairId, index } = block.pairs.find(({ state }) => state === 'ahead') ?? block.pairs[0]!;
  const pair = stands.pairOf(pairId);
  const sheet = stands.jobs.get(pairId)?.sheet ?? (await plannedSheet(db, pair, { nowMs, units }));
  const { fromStep, toStep } = pair.steps[index]!;
  return { block, steps: sheet?.steps.slice(fromStep, toStep) ?? [], pieces: sheet?.pieces };
}

/** The sheet that starting the pair now would give; undefined where there is none any more. */
async function plannedSheet(
  db: FrostDatabase,
  { outingId, skiId }: PlannedPair,
  { nowMs, units }: { nowMs: number; units: Units },
) {
  const planned = await planSheet(db, { outingId, skiId }, nowMs);
  return planned.ok ? renderedSheet(planned.value.sheet, writerFor(units)) : undefined;
}
