import { describe, expect, it } from 'vitest';
import { POST } from '../../app/api/v1/plan/route';
import type { PlanProblem } from '@/core/plan';
import { planResponseSchema } from '@/formats/schemas/plan';
import { faultsOf } from './plan-check';
import { benchOf } from './plan-instances';

const iso = (ms: number) => new Date(ms).toISOString();

/** A bench as the wire has it. */
const asked = ({ startMs, technicians, pairs, ...rest }: PlanProblem) => ({
  ...rest,
  start: iso(startMs),
  technicians: technicians.map(({ fromMs, toMs, ...one }) => ({
    ...one,
    from: iso(fromMs),
    to: iso(toMs),
  })),
  pairs: pairs.map(({ dueMs, notBeforeMs, ...pair }) => ({
    ...pair,
    dueAt: iso(dueMs),
    ...(notBeforeMs === undefined ? {} : { notBefore: iso(notBeforeMs) }),
  })),
});

const post = (body: unknown) =>
  POST(
    new Request('http://localhost/api/v1/plan', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
  );

const problem = benchOf(4, { pairs: 8, people: 2, irons: 2 });
const body = { ...asked(problem), seed: 2, secondsToSearch: 0.1 };
const changed = (change: (copy: typeof body) => void) => {
  const copy = structuredClone(body);
  change(copy);
  return copy;
};

async function problemsOf(sent: unknown): Promise<Record<string, string>> {
  const response = await post(sent);
  expect(response.status).toBe(422);
  const { details } = (await response.json()) as { details: { field: string; message: string }[] };
  return Object.fromEntries(details.map(({ field, message }) => [field, message]));
}

describe('POST /api/v1/plan', () => {
  it('gives a plan that keeps every rule, in the shape that its schema promises', async () => {
    const response = await post(body);
    expect(response.status).toBe(200);
    const plan = planResponseSchema.validateSync(await response.json(), { strict: true });
    const tasks = plan.tasks.map(({ start, end, ...task }) => ({
      ...task,
      startMs: Date.parse(start),
      endMs: Date.parse(end),
    }));
    const { lateness, weightedLatenessMin, ironChanges, gap } = plan;
    const { lowerBound, finish } = plan;
    const faults = faultsOf(problem, {
      tasks,
      lateness,
      weightedLatenessMin,
      ironChanges,
      gap,
      finishMs: Date.parse(finish),
      lowerBound: {
        weightedLatenessMin: lowerBound.weightedLatenessMin,
        finishMs: Date.parse(lowerBound.finish),
      },
      hopeless: [],
    });
    expect(faults).toEqual([]);
    expect(Math.max(...tasks.map(({ endMs }) => endMs))).toBeLessThanOrEqual(Date.parse(finish));
    expect(await (await post(body)).json()).toEqual(plan);
  });

  it('says before which step slack would help the least sure pair, where one is not sure', async () => {
    const answer = async (dueMin: number) => {
      const technicians = [
        { id: 'ada', from: iso(problem.startMs), to: iso(problem.startMs + 9e7) },
      ];
      const steps = [{ key: 'scrape', activeMin: 60, needs: ['technician'] }];
      const pairs = ['a', 'b'].map((id, k) => ({
        id,
        dueAt: iso(problem.startMs + 60_000 * (k === 0 ? dueMin / 2 + 10 : dueMin)),
        steps,
      }));
      const response = await post({ ...body, technicians, pairs });
      return planResponseSchema.validateSync(await response.json(), { strict: true }).slack;
    };
    const slack = await answer(125);
    expect(slack!.inTime).toBeLessThan(0.95);
    expect(slack!.before!.inTime).toBeGreaterThan(slack!.inTime);
    expect(slack!.before!.minutes % 5).toBe(0);
    expect(await answer(600)).toBeUndefined();
  });

  it('names the pairs that cannot be ready, and plans the others', async () => {
    const sent = changed((copy) => {
      Object.assign(copy.pairs[3]!.steps, {
        0: { key: 'scrape', activeMin: 599, needs: ['technician'] },
      });
      for (const one of copy.technicians) one.to = iso(problem.startMs + 500 * 60_000);
    });
    const plan = planResponseSchema.validateSync(await (await post(sent)).json());
    expect(plan.infeasible).toMatchObject([
      { pairId: 'pair-3', stepKey: 'scrape', reason: { code: 'no_window' } },
    ]);
    expect(plan.infeasible![0]!.reason.message).toContain('Lengthen a shift');
    expect(plan.lateness).toHaveLength(7);
  });

  it.each([
    ['technicians', 'nobody is there', changed((copy) => void (copy.technicians = []))],
    ['irons', 'Add an iron', changed((copy) => void (copy.irons = []))],
    ['vices', 'Add a vice', changed((copy) => void (copy.vices = 0))],
    ['coolingPlaces', 'no place to wait', changed((copy) => void (copy.coolingPlaces = 0))],
    [
      'pairs[0].steps[1].activeMin',
      'from 0 to 600 min',
      changed((copy) => void Object.assign(copy.pairs[0]!.steps[1]!, { activeMin: -5 })),
    ],
    [
      'pairs[0].steps[1].activeMin',
      'from 0 to 600 min',
      changed((copy) => void Object.assign(copy.pairs[0]!.steps[1]!, { activeMin: 10_000 })),
    ],
    [
      'pairs[2].dueAt',
      'due before the plan begins',
      changed((copy) => void (copy.pairs[2]!.dueAt = iso(problem.startMs - 60_000))),
    ],
    [
      'pairs[1].steps[2].skill',
      'Nobody has the skill “welding”',
      changed((copy) => void Object.assign(copy.pairs[1]!.steps[2]!, { skill: 'welding' })),
    ],
    [
      'technicians[1].to',
      'must end after it begins',
      changed((copy) => void (copy.technicians[1]!.to = copy.technicians[1]!.from)),
    ],
    ['pairs[1].id', 'twice', changed((copy) => void (copy.pairs[1]!.id = copy.pairs[0]!.id))],
    ['pairs', 'nothing to plan', changed((copy) => void (copy.pairs = []))],
    ['start', 'is missing', { ...body, start: undefined }],
    ['pairs[0].steps', '1 to 60', changed((copy) => void (copy.pairs[0]!.steps = []))],
  ])('says at %s: %s', async (field, sentence, sent) => {
    expect((await problemsOf(sent))[field]).toContain(sentence);
  });

  it.each([null, 5, [], { pairs: [null], technicians: [3], irons: 'x', start: 4 }, { pairs: {} }])(
    'refuses %j with a sentence',
    async (sent) => {
      expect(Object.keys(await problemsOf(sent)).length).toBeGreaterThan(0);
    },
  );
});
