import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../tests/unit/plan-check';
import { benchOf, PLAN_START_MS } from '../../../tests/unit/plan-instances';
import {
  blocksOf,
  leftToPlan,
  moveTask,
  openShifts,
  planBench,
  planBound,
  rulesBroken,
  stationSteps,
  summaryOf,
  visitState,
  wholePlan,
  type BenchPair,
  type PlannedTask,
  type PlanProblem,
  type SheetStep,
} from '.';

const MINUTE_MS = 60_000;
const atMin = (minutes: number) => PLAN_START_MS + minutes * MINUTE_MS;

const work = (
  kind: SheetStep['kind'],
  activeMin = 4,
  rest: Partial<SheetStep> = {},
): SheetStep => ({
  kind,
  activeMin,
  figures: {},
  ...rest,
});
const wait = (waitMin: number): SheetStep => ({ kind: 'cool', activeMin: 0, waitMin, figures: {} });
const hot = (productId: string, temperatureC: number) => [
  work('wax_on', 4, { productId }),
  work('iron', 4, { figures: { temperatureC } }),
  wait(30),
];
const SHEET: SheetStep[] = [
  work('secure', 2),
  work('edge', 10),
  work('release', 1),
  ...hot('hard', 130),
  work('scrape', 5),
  work('brush', 3),
  ...hot('hard', 130),
  work('scrape', 5),
  work('top_on', 3, { productId: 'roller' }),
  work('cork', 2),
  work('check', 1),
];

describe('a job sheet as visits to stations', () => {
  const visits = stationSteps(SHEET, { topNotBeforeMs: atMin(200) });

  it('is cut where the station changes and after each wait', () => {
    expect(visits.map(({ station }) => station)).toEqual([
      'edges',
      'iron',
      'finish',
      'iron',
      'finish',
      'top',
    ]);
    expect(visits.map(({ activeMin }) => activeMin)).toEqual([13, 8, 8, 8, 5, 6]);
    expect(visits[1]).toMatchObject({ waitMin: 30, ironC: 130, productId: 'hard' });
  });

  it('covers every step once, waits behind their visit', () => {
    let at = 0;
    for (const { fromStep, toStep, waitToStep } of visits) {
      expect(fromStep).toBe(at);
      expect(toStep).toBeGreaterThanOrEqual(fromStep);
      at = waitToStep;
    }
    expect(at).toBe(SHEET.length);
    const minutes = (steps: readonly { activeMin: number }[]) =>
      steps.reduce((sum, { activeMin }) => sum + activeMin, 0);
    expect(minutes(visits)).toBe(minutes(SHEET));
  });

  it('asks for skills and hours where they are needed, and names the same work alike', () => {
    expect(visits[0]).toMatchObject({ skill: 'edges', needs: ['technician', 'vice'] });
    expect(visits.at(-1)).toMatchObject({ skill: 'top', notBeforeMs: atMin(200) });
    expect(visits[1]!.key).toBe(visits[3]!.key);
    expect(visits[1]!.key).not.toBe(stationSteps(hot('hard', 120))[0]!.key);
  });

  it('has a spread of its minutes between those of its kinds', () => {
    const [visit] = stationSteps([work('scrape', 6), work('brush', 3)], {
      logSdOf: (kind) => (kind === 'brush' ? 0.4 : 0.1),
    });
    expect(visit!.logSd).toBeCloseTo(0.2);
  });
});

const bench = (pairs: BenchPair[]) => ({
  technicians: [
    { id: 'ada', fromMs: atMin(0), toMs: atMin(600), skills: ['edges', 'top'] },
    { id: 'bo', fromMs: atMin(0), toMs: atMin(600) },
  ],
  irons: [{ id: 'one' }],
  vices: 2,
  brushStands: 1,
  coolingPlaces: 4,
  pairs,
});
const pairOf = (id: string): BenchPair => ({
  id,
  dueMs: atMin(400),
  steps: stationSteps(SHEET),
});
const planOf = (problem: PlanProblem) => planBench(problem, { searchS: 0.02 });

describe('blocks', () => {
  it('hold the same work of one person on several pairs', () => {
    const task = (pairId: string, from: number, stepKey: string): PlannedTask => ({
      pairId,
      stepKey,
      index: 0,
      startMs: atMin(from),
      endMs: atMin(from + 5),
      technicianId: 'ada',
    });
    const blocks = blocksOf([
      task('b', 5, 'iron'),
      task('a', 0, 'iron'),
      task('c', 12, 'iron'),
      task('d', 17, 'finish'),
      task('e', 40, 'iron'),
    ]);
    expect(blocks.map(({ tasks }) => tasks.map(({ pairId }) => pairId).join(''))).toEqual([
      'abc',
      'd',
      'e',
    ]);
    expect(blocks[0]!.endMs).toBe(atMin(17));
  });
});

describe('what is left of a plan', () => {
  const pairs = [pairOf('a'), pairOf('b')];
  const before = planOf({ ...bench(pairs), startMs: atMin(0) });
  const ended = (position: number, from: number, to: number) => ({
    position,
    startedMs: atMin(from),
    endedMs: atMin(to),
    outcome: 'done' as const,
  });
  /** Pair a: edges done, wax on done, the iron begun at 20 min. */
  const records = [
    ended(0, 0, 2),
    ended(1, 2, 12),
    ended(2, 12, 13),
    ended(3, 15, 20),
    { position: 4, startedMs: atMin(20) },
  ];
  const recordsOf = (pairId: string) => (pairId === 'a' ? records : []);
  const nowMs = atMin(22);
  const left = leftToPlan(bench(pairs), { recordsOf, before: before.tasks, nowMs });

  it('keeps what is done and goes on with what runs, with whom it is', () => {
    expect(left.offset.get('a')).toBe(1);
    const [running] = left.problem.pairs.find(({ id }) => id === 'a')!.steps;
    const planned = before.tasks.find(({ pairId, index }) => pairId === 'a' && index === 1)!;
    expect(running).toMatchObject({
      activeMin: 1,
      running: { technicianId: planned.technicianId, ironId: 'one' },
    });
    expect(left.problem.irons).toEqual([{ id: 'one', atC: 130 }]);
    expect(left.kept.map(({ index }) => index)).toEqual([0, 1]);
  });

  it('is planned from now on without a fault, and makes a whole with the past', () => {
    const plan = planOf(left.problem);
    expect(faultsOf(left.problem, plan)).toEqual([]);
    const whole = wholePlan(left, plan.tasks);
    const own = whole.filter(({ pairId }) => pairId === 'a');
    expect(own.map(({ index }) => index)).toEqual([0, 1, 2, 3, 4, 5]);
    expect(own[1]!.startMs).toBe(atMin(15));
    expect(own[1]!.endMs).toBeGreaterThanOrEqual(nowMs);
    expect(own[2]!.startMs).toBeGreaterThanOrEqual(own[1]!.endMs + 30 * MINUTE_MS);
  });

  it('gives a running step to somebody else when its person has left', () => {
    const [ada, bo] = bench(pairs).technicians;
    const who = before.tasks.find(({ pairId, index }) => pairId === 'a' && index === 1)!;
    const people = [ada!, bo!].map((one) =>
      one.id === who.technicianId ? { ...one, toMs: nowMs } : one,
    );
    const without = leftToPlan(
      { ...bench(pairs), technicians: people },
      { recordsOf, before: before.tasks, nowMs },
    );
    const [step] = without.problem.pairs.find(({ id }) => id === 'a')!.steps;
    expect(step!.running).toBeUndefined();
    const others = planOf({
      ...without.problem,
      technicians: without.problem.technicians.map((one) => ({ ...one, skills: ['edges', 'top'] })),
    });
    expect(others.tasks[0]!.technicianId).not.toBe(who.technicianId);
  });

  it('goes on with what is left of a wait', () => {
    const cooling = [
      ...records.slice(0, 4),
      ended(4, 20, 24),
      { position: 5, startedMs: atMin(24), dueMs: atMin(54), leastMs: atMin(40) },
    ];
    expect(visitState(pairs[0]!.steps[1]!, cooling)).toBe('waiting');
    const waiting = leftToPlan(bench(pairs), {
      recordsOf: (pairId) => (pairId === 'a' ? cooling : []),
      before: before.tasks,
      nowMs: atMin(34),
    });
    const [step] = waiting.problem.pairs.find(({ id }) => id === 'a')!.steps;
    expect(step).toMatchObject({ activeMin: 0, waitMin: 20 });
    const plan = planOf(waiting.problem);
    const next = wholePlan(waiting, plan.tasks).find(
      ({ pairId, index }) => pairId === 'a' && index === 2,
    );
    expect(next!.startMs).toBeGreaterThanOrEqual(atMin(54));
  });

  it('drops a pair that is done', () => {
    const all = SHEET.map((_, position) => ended(position, position, position + 1));
    const done = leftToPlan(bench(pairs), {
      recordsOf: (pairId) => (pairId === 'a' ? all : []),
      before: before.tasks,
      nowMs,
    });
    expect(done.problem.pairs.map(({ id }) => id)).toEqual(['b']);
    expect(done.kept.filter(({ pairId }) => pairId === 'a')).toHaveLength(6);
  });
});

describe('the rules of a plan', () => {
  it('find nothing in what the solver plans, over many benches', () => {
    for (let seed = 1; seed <= 60; seed += 1) {
      const problem = benchOf(seed, { pairs: 1 + (seed % 7), people: 1 + (seed % 3), irons: 2 });
      const plan = planOf(problem);
      const planned = new Set(plan.hopeless.map(({ pairId }) => pairId));
      const kept = { ...problem, pairs: problem.pairs.filter(({ id }) => !planned.has(id)) };
      expect(rulesBroken(kept, plan.tasks), `seed ${seed}`).toEqual([]);
    }
  });

  it('find what an independent checker finds, when a task is moved by chance', () => {
    for (let seed = 1; seed <= 60; seed += 1) {
      const problem = benchOf(seed, { pairs: 6, people: 2, irons: 2 });
      const plan = planOf(problem);
      if (plan.hopeless.length > 0) continue;
      const tasks = plan.tasks.map((task, k) =>
        k === seed % plan.tasks.length
          ? { ...task, startMs: task.startMs - 7 * MINUTE_MS, endMs: task.endMs - 7 * MINUTE_MS }
          : task,
      );
      const faults = faultsOf(problem, { ...plan, tasks }).filter(
        (fault) => !/late|changes,|vice-/.test(fault),
      );
      expect(rulesBroken(problem, tasks).length > 0, `seed ${seed}: ${faults.join('; ')}`).toBe(
        faults.length > 0,
      );
    }
  });
});

describe('a step moved by hand', () => {
  const two = (needs: PlanProblem['pairs'][number]['steps'][number]['needs']) => ({
    startMs: atMin(0),
    technicians: [
      { id: 'ada', fromMs: atMin(0), toMs: atMin(100) },
      { id: 'bo', fromMs: atMin(0), toMs: atMin(30) },
    ],
    irons: [{ id: 'one' }, { id: 'two' }],
    pairs: ['a', 'b'].map((id) => ({
      id,
      dueMs: atMin(90),
      steps: [{ key: 'work', activeMin: 10, needs }],
    })),
  });
  const task = (pairId: string, from: number, rest: Partial<PlannedTask> = {}): PlannedTask => ({
    pairId,
    stepKey: 'work',
    index: 0,
    startMs: atMin(from),
    endMs: atMin(from + 10),
    technicianId: 'ada',
    ...rest,
  });
  const tasks = [task('a', 0), task('b', 10)];

  it('stands where nothing is in the way', () => {
    const moved = moveTask(two(['technician']), tasks, {
      pairId: 'b',
      index: 0,
      startMs: atMin(40),
    });
    expect(moved.ok && moved.tasks.map(({ startMs }) => startMs)).toEqual([atMin(0), atMin(40)]);
  });

  it('changes place with the one that it lands on', () => {
    const moved = moveTask(two(['technician']), tasks, {
      pairId: 'b',
      index: 0,
      startMs: atMin(2),
    });
    expect(moved.ok && moved.tasks.map(({ pairId }) => pairId)).toEqual(['b', 'a']);
  });

  it('is refused with the rule that it breaks', () => {
    const problem = two(['technician']);
    const why = (move: Parameters<typeof moveTask>[2]) => {
      const moved = moveTask(problem, tasks, move);
      return moved.ok ? [] : moved.broken.map(({ rule }) => rule.code);
    };
    expect(why({ pairId: 'b', index: 0, startMs: atMin(25), technicianId: 'bo' })).toEqual([
      'person_away',
    ]);
    expect(why({ pairId: 'a', index: 0, startMs: atMin(-20) })).toContain('before_ready');
    expect(moveTask(problem, tasks, { pairId: 'x', index: 0, startMs: 0 })).toEqual({
      ok: false,
      broken: [],
    });
  });

  it('takes another iron where its own is in use', () => {
    const moved = moveTask(
      two(['technician', 'iron']),
      [task('a', 0, { ironId: 'one' }), task('b', 10, { ironId: 'one' })],
      { pairId: 'b', index: 0, startMs: atMin(0), technicianId: 'bo' },
    );
    expect(moved.ok && moved.tasks.map(({ ironId }) => ironId)).toEqual(['one', 'two']);
  });
});

describe('the hours of a cabin', () => {
  const shift = (from: string, to: string) => ({
    id: 'ada',
    fromMs: Date.parse(from),
    toMs: Date.parse(to),
  });
  const said = (shifts: readonly { fromMs: number; toMs: number }[]) =>
    shifts.map(({ fromMs, toMs }) =>
      [fromMs, toMs].map((ms) => new Date(ms).toISOString().slice(0, 16)).join(' '),
    );
  const whole = shift('2027-03-27T12:00:00Z', '2027-03-28T12:00:00Z');

  it('cut shifts on its own clock, through the night in which the clock changes', () => {
    expect(said(openShifts([whole], { opensAt: '06:00', closesAt: '22:00' }, 'CET'))).toEqual([
      '2027-03-27T12:00 2027-03-27T21:00',
      '2027-03-28T04:00 2027-03-28T12:00',
    ]);
  });

  it('may lie over midnight, and leave shifts alone where nobody closes', () => {
    expect(said(openShifts([whole], { opensAt: '20:00', closesAt: '02:00' }, 'CET'))).toEqual([
      '2027-03-27T19:00 2027-03-28T01:00',
    ]);
    expect(openShifts([whole], {}, 'CET')).toEqual([whole]);
  });
});

describe('a plan at a glance', () => {
  it('tells lateness, end and gap as the solver does', () => {
    for (let seed = 1; seed <= 20; seed += 1) {
      const problem = benchOf(seed, { pairs: 6, people: 2, irons: 2 });
      const plan = planOf(problem);
      if (plan.hopeless.length > 0) continue;
      const { lowerBound: bound, hopeless } = planBound(problem);
      expect(hopeless).toEqual([]);
      const summary = summaryOf(problem.pairs, plan.tasks, { bound, fromMs: problem.startMs });
      expect(summary.weightedLatenessMin).toBeCloseTo(plan.weightedLatenessMin, 1);
      expect(summary.finishMs).toBe(plan.finishMs);
      expect(summary.gap).toBeCloseTo(plan.gap, 2);
      for (const { pairId, lateMin } of summary.pairs) {
        const own = plan.lateness.find((one) => one.pairId === pairId)!.minutes;
        expect(lateMin).toBeCloseTo(own, 1);
      }
    }
  });
});
