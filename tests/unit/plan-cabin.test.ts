import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
// First: what it stands in for must be known before the actions are loaded.
import { DAY, demoDatabase } from './demo-app';
import type { Cabin, PlanWish } from '@/core/model';
import { planBench, type PlannedTask } from '@/core/plan';
import { addPlan, latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { listJobsFor } from '@/data/jobs';
import { findOuting } from '@/data/outings';
import { loadTeamSettings } from '@/data/team-settings';
import { groundAction } from '@/features/plan/actions';
import { planAction } from '@/features/bench/actions';
import { liquidSteps, relaxations, relaxed, together } from '@/features/plan/relaxations';
import { loadPlan } from '@/features/plan/use-cases/load-plan';
import { GET as file } from '../../app/api/v1/plan/route';
import { GET as calendar } from '../../app/api/v1/plan/calendar/route';
import { act } from '@/writes/act';

const HOUR_MS = 3_600_000;
const MORNING = DAY.getTime() - 30 * HOUR_MS;
const WISH: PlanWish = { outingIds: ['demo-slalom'], readyMin: 45, topHours: 4 };

let db: FrostDatabase;
let cabin: Cabin;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: MORNING });
  db = await demoDatabase();
  cabin = (await loadTeamSettings(db)).cabin!;
});
afterEach(() => {
  vi.useRealTimers();
});

let count = 0;
const key = () => `plan-test-${(count += 1)}`;

async function ground(wish: PlanWish = WISH, crew: unknown = cabin) {
  const made = await groundAction({ cabin: crew, wish });
  if (!made.ok) throw new Error(made.error.message);
  return made.value;
}

/** A plan as a device makes it. */
async function made(wish: PlanWish = WISH, crew: Cabin = cabin) {
  const { left } = await ground(wish, crew);
  const plan = planBench(left.problem, { searchS: 0.02 });
  return { tasks: plan.tasks, fromMs: left.problem.startMs };
}

async function kept(wish: PlanWish = WISH, crew: Cabin = cabin) {
  const { tasks, fromMs } = await made(wish, crew);
  return act('plan.keep', key(), { cabin: crew, wish, tasks, fromMs });
}

const said = (result: { ok: boolean; error?: { message: string } }) =>
  result.ok ? '' : result.error!.message;

describe('a plan that a device made', () => {
  it('is kept when it keeps every rule, and the cabin with it', async () => {
    const crew = { ...cabin, irons: ['Old iron', 'New iron'] };
    expect(await kept(WISH, crew)).toMatchObject({ ok: true });
    expect((await latestPlan(db))!.cabin.irons).toEqual(['Old iron', 'New iron']);
    expect((await loadTeamSettings(db)).planWish).toEqual(WISH);
  });

  it('is refused when somebody is at two things at once, or somewhere they are not', async () => {
    const { tasks, fromMs } = await made();
    const spoil = (change: (task: PlannedTask) => Partial<PlannedTask>) =>
      tasks.map((task, k) => (k === 3 ? { ...task, ...change(task) } : task));
    const crooked: [PlannedTask[], RegExp][] = [
      [
        spoil(({ startMs, endMs }) => ({ startMs: startMs - HOUR_MS, endMs: endMs - HOUR_MS })),
        /\./,
      ],
      [tasks.slice(1), /is not one of this bench/],
      [[...tasks, tasks[0]!], /is not one of this bench/],
      [spoil(() => ({ technicianId: 'Nobody' })), /Nobody is not there for that long then/],
      [spoil(({ startMs }) => ({ endMs: startMs + 1 })), /takes longer, or less time/],
      [
        tasks.map((task) => (task.ironId ? { ...task, ironId: 'Iron 9' } : task)),
        /There is no Iron 9/,
      ],
    ];
    for (const [wrong, why] of crooked) {
      const answer = await act('plan.keep', key(), { cabin, wish: WISH, tasks: wrong, fromMs });
      expect(said(answer)).toMatch(why);
    }
    const late = await act('plan.keep', key(), {
      cabin,
      wish: WISH,
      tasks,
      fromMs: fromMs - HOUR_MS,
    });
    expect(said(late)).toContain('took too long');
    expect(await latestPlan(db)).toBeUndefined();
  });

  it('names the pairs that it leaves out', async () => {
    const { tasks, fromMs } = await made();
    const [first] = tasks;
    const some = tasks.filter(({ pairId }) => pairId !== first!.pairId);
    expect(await act('plan.keep', key(), { cabin, wish: WISH, tasks: some, fromMs })).toMatchObject(
      {
        ok: true,
      },
    );
    expect((await latestPlan(db))!.left).toEqual([
      { pairId: first!.pairId, message: expect.stringContaining('not enough time') as string },
    ]);
    // Its reason is its own: nobody is there for long enough.
    const short = {
      ...cabin,
      people: cabin.people.map((one) => ({ ...one, toMs: one.fromMs + 5 * 60_000 })),
    };
    const { left } = await ground(WISH, short);
    const answer = await act('plan.keep', key(), {
      cabin: short,
      wish: WISH,
      tasks: [],
      fromMs: left.problem.startMs,
    });
    expect(answer).toMatchObject({ ok: true });
    const reasons = (await latestPlan(db))!.left.map(({ message }) => message);
    expect(reasons).toHaveLength(5);
    for (const reason of reasons) expect(reason).toContain('there long enough');
  });

  it('is taken back by its id only while it is in force', async () => {
    await kept();
    const one = (await latestPlan(db))!;
    vi.setSystemTime(MORNING + HOUR_MS);
    await kept();
    expect(said(await act('plan.back', key(), { id: one.id }))).toContain('a newer plan');
    const two = (await latestPlan(db))!;
    expect(await act('plan.back', key(), { id: two.id })).toMatchObject({ ok: true });
    expect((await latestPlan(db))!.id).toBe(one.id);
  });

  it('keeps no more than the last fifty', async () => {
    await kept();
    const plan = (await latestPlan(db))!;
    for (let k = 0; k < 55; k += 1) {
      await addPlan(db, {
        ...plan,
        id: `copy-${k}`,
        madeAt: new Date(DAY.getTime() + k).toISOString(),
      });
    }
    const rows = await db.selectFrom('bench_plan').select('id').execute();
    expect(rows).toHaveLength(50);
    expect((await latestPlan(db))!.id).toBe('copy-54');
  });
});

describe('what is asked of a plan', () => {
  it('gets a sentence at its field where it makes no sense', async () => {
    const cases: [unknown, unknown, string][] = [
      [{ ...cabin, people: [] }, WISH, 'people'],
      [{ ...cabin, irons: ['a', 'a'] }, WISH, 'irons'],
      [{ ...cabin, irons: [] }, WISH, 'irons'],
      [{ ...cabin, vices: 0 }, WISH, 'vices'],
      [{ ...cabin, people: [{ ...cabin.people[0], id: '' }] }, WISH, 'people[0].id'],
      [{ ...cabin, people: [{ ...cabin.people[0], toMs: 0 }] }, WISH, 'people[0].toMs'],
      [
        { ...cabin, people: [{ ...cabin.people[0], skills: ['fly'] }] },
        WISH,
        'people[0].skills[0]',
      ],
      [{ ...cabin, people: [{ ...cabin.people[0], skills: [] }] }, WISH, 'people'],
      [{ ...cabin, opensAt: 'dawn' }, WISH, 'opensAt'],
      [cabin, { ...WISH, outingIds: [] }, 'outingIds'],
      [cabin, { ...WISH, readyMin: -1 }, 'readyMin'],
      [cabin, { ...WISH, topHours: 0 }, 'topHours'],
      [cabin, { ...WISH, leaveOut: ['all'] }, 'leaveOut[0]'],
      [undefined, WISH, ''],
    ];
    for (const [crew, wish, field] of cases) {
      const answer = await groundAction({ cabin: crew, wish });
      expect(answer.ok, field).toBe(false);
      if (answer.ok || field === '') continue;
      const details = answer.error.details as { field: string; message: string }[];
      expect(details.map((one) => one.field)).toContain(field);
      for (const { message } of details) expect(message).toMatch(/^[A-Z].*\.$/);
    }
  });

  it('is refused for an outing that is gone, has started, or has nobody', async () => {
    const asked = (outingIds: string[]) => groundAction({ cabin, wish: { ...WISH, outingIds } });
    expect(said(await asked(['gone']))).toContain('no longer exists');
    vi.setSystemTime(DAY);
    expect(said(await asked(['demo-slalom']))).toContain('has started');
    await db.deleteFrom('starter').execute();
    expect(said(await asked(['demo-tour']))).toContain('has a pair yet');
  });

  it('may be less, to save time: fewer programmes and coats make a shorter sheet', async () => {
    const whole = await ground();
    const all = relaxations(whole);
    expect(all.map(({ leaveOut }) => leaveOut.join()).filter(Boolean)).toContain('hardening');
    const minutes = ({ pairs }: typeof whole) =>
      pairs
        .flatMap(({ steps }) => steps)
        .reduce((sum, { activeMin, waitMin = 0 }) => sum + activeMin + waitMin, 0);
    for (const one of all) {
      expect(minutes(await ground(relaxed(WISH, one)))).toBeLessThan(minutes(whole));
    }
    const least = minutes(await ground(relaxed(WISH, together(all))));
    expect(least).toBeLessThan(minutes(whole) / 2);
  });

  it('may have a liquid in place of hot wax for some, the latest first, and the sheets follow', async () => {
    const whole = await ground();
    const late = whole.liquids[2]!;
    const steps = liquidSteps(whole.liquids, new Map([[late.pairId, 20]]));
    expect(steps.map(({ liquid }) => liquid!.length)).toEqual([1, 2, 4, 5]);
    expect(steps[0]!.liquid).toEqual([late]);
    expect(late.product).toBe('Everyday liquid');
    expect(late.lossPercent).toBeGreaterThan(0);
    const wish = relaxed(WISH, steps[0]!);
    const { pairs } = await ground(wish);
    const ironed = pairs.filter(({ steps: visits }) =>
      visits.some(({ needs }) => needs.includes('iron')),
    );
    expect(ironed.map(({ id }) => id)).toEqual(
      whole.pairs.map(({ id }) => id).filter((id) => id !== late.pairId),
    );
    // Once that plan is in force, the sheet from the bench is the planned one, and says that it has less.
    const { skiId } = pairs.find(({ id }) => id === late.pairId)!;
    const sheetNow = async () => {
      const made = await planAction({ outingId: 'demo-slalom', skiId });
      return made.ok ? made.value : undefined;
    };
    expect(await sheetNow()).toMatchObject({ liquid: { product: 'Everyday liquid' } });
    await kept(wish);
    const sheet = (await sheetNow())!;
    expect(sheet.isShortened).toBe(true);
    expect(sheet.sheet.programmes).toContain('liquid');
    expect(sheet.sheet.steps.some(({ kind }) => kind === 'iron')).toBe(false);
    expect((await ground(wish)).liquids.map(({ pairId }) => pairId)).not.toContain(late.pairId);
  });
});

describe('a plan that is worked', () => {
  it('goes on from what was ticked, and does not take a tick twice or before its turn', async () => {
    await kept();
    const plan = (await latestPlan(db))!;
    const pair = plan.pairs[0]!;
    const tick = (index: number, isBack = false) =>
      act('job.tick', key(), { pairId: pair.id, index, isBack });
    expect(said(await tick(2))).toContain('not done yet');
    expect(said(await tick(0, true))).toContain('not started');
    expect(await tick(0)).toMatchObject({ ok: true });
    expect(said(await tick(0))).toContain('done already');
    // Nobody has taken up what comes next: it is not under way.
    const { now } = await loadPlan(db, (await findOuting(db, 'demo-slalom'))!, MORNING);
    expect(now!.visits[pair.id]!.map(({ state }) => state).slice(0, 3)).toEqual([
      'done',
      'ahead',
      'ahead',
    ]);
    vi.setSystemTime(MORNING + HOUR_MS / 2);
    const { left } = await ground();
    expect(left.offset.get(pair.id)).toBeGreaterThan(0);
    expect(await kept()).toMatchObject({ ok: true });
    const again = (await latestPlan(db))!.tasks.filter(({ pairId }) => pairId === pair.id);
    expect(again).toHaveLength(pair.steps.length);
    expect(await tick(0, true)).toMatchObject({ ok: true });
    const [job] = await listJobsFor(db, [pair.outingId]);
    expect(job!.records.every(({ endedMs }) => endedMs === undefined)).toBe(true);
    expect(said(await act('job.tick', key(), { pairId: 'x:y', index: 0 }))).toContain(
      'not in the plan',
    );
  });

  it('starts the sheet that was planned, with what was left out', async () => {
    const wish = { ...WISH, leaveOut: ['hardening' as const], mostCoats: 1 };
    await kept(wish);
    const pair = (await latestPlan(db))!.pairs[0]!;
    expect(await act('job.tick', key(), { pairId: pair.id, index: 0 })).toMatchObject({
      ok: true,
    });
    const job = (await listJobsFor(db, [pair.outingId]))[0]!;
    expect(job.sheet.steps.some((step) => step.key.startsWith('harden'))).toBe(false);
    expect(job.sheet.steps.filter((step) => /^glide.*iron$/.test(step.key))).toHaveLength(1);
  });

  it('says which pair runs another sheet than the planned one, and goes on with the others', async () => {
    await kept();
    const plan = (await latestPlan(db))!;
    const pair = plan.pairs[0]!;
    const started = await act('job.start', key(), {
      outingId: pair.outingId,
      skiId: pair.skiId,
      programmes: ['clean_liquid'],
    });
    expect(started).toMatchObject({ ok: true });
    const outing = (await findOuting(db, 'demo-slalom'))!;
    const { now } = await loadPlan(db, outing, MORNING);
    const otherSheets = (changes: readonly { code: string; name: string }[]) =>
      changes.filter(({ code }) => code === 'sheet').map(({ name }) => name);
    expect(otherSheets(now!.changed)).toEqual([pair.skiName]);
    expect(now!.sureness.map(({ pairId }) => pairId).sort()).toEqual(
      plan.pairs
        .slice(1)
        .map(({ id }) => id)
        .sort(),
    );
    expect(said(await act('job.tick', key(), { pairId: pair.id, index: 3 }))).toContain(
      'has changed',
    );
    await kept();
    expect(otherSheets((await loadPlan(db, outing, MORNING)).now!.changed)).toEqual([]);
  });

  it('lets a step be moved where it may stand, and not what is done', async () => {
    await kept();
    const plan = (await latestPlan(db))!;
    const last = plan.tasks.filter(({ technicianId }) => technicianId).at(-1)!;
    const move = (change: object) =>
      act('plan.move', key(), {
        planId: plan.id,
        pairId: last.pairId,
        index: last.index,
        startMs: last.startMs,
        ...change,
      });
    expect(said(await move({ startMs: MORNING - HOUR_MS }))).toMatch(/\.$/);
    expect(said(await move({ technicianId: 'Tarvo' }))).toContain('does not do top layers');
    expect(said(await move({ planId: 'other' }))).toContain('a newer plan');
    expect(await move({ startMs: last.startMs + 60_000 })).toMatchObject({ ok: true });
    expect((await latestPlan(db))!.isMoved).toBe(true);
  });
});

describe('files of the plan', () => {
  const asked = (path: string) => new Request(`http://127.0.0.1/api/v1/${path}`);

  it('are a sentence while there is none, and CSV and calendar then', async () => {
    expect((await file(asked('plan?format=csv'))).status).toBe(404);
    expect((await calendar(asked('plan/calendar?person=Mirel'))).status).toBe(404);
    await kept();
    const csv = await file(asked('plan?format=csv'));
    expect(csv.headers.get('content-type')).toContain('text/csv');
    expect((await csv.text()).split('\r\n')[1]).toMatch(/,\d{4}-\d\d-\d\dT.*Z,/);
    const work = await (await calendar(asked('plan/calendar?person=Mirel'))).text();
    expect(work).toMatch(/^BEGIN:VCALENDAR/);
    expect(work.match(/DTSTART:\d{8}T\d{6}Z/g)!.length).toBeGreaterThan(2);
    expect((await file(asked('plan?format=pdf'))).status).toBe(422);
  });
});
