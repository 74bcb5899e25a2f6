// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { listOpenJobs } from '@/data/jobs';
import { removeSki } from '@/data/skis';
import { listStarters, removeStarter } from '@/data/starters';
import { loadTeamSettings, saveTeamSettings } from '@/data/team-settings';
import { textOf } from '@/formats/out-file';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { chooseFrom, show } from '../../../tests/unit/render';
import { PlanAnswer } from './plan-answer';
import { PlanScreen } from './plan-screen';
import { timeScale, ticksOf } from './time-scale';
import { loadPlan } from './use-cases/load-plan';
import { exportPlan, personCalendar } from './use-cases/plan-files';

const OUTING = 'demo-slalom';
const MINUTE_MS = 60_000;
/** The morning of the slalom: nobody is in the cabin before half past nine. */
const MORNING = new Date(DAY.getTime() - 30 * 60 * MINUTE_MS);
let db: FrostDatabase;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: MORNING });
  db = await demoDatabase();
});
afterEach(() => {
  vi.useRealTimers();
});

async function shown() {
  const outing = await outingOf(db, OUTING);
  const nowMs = Date.now();
  const view = await loadPlan(db, outing, nowMs);
  return { ...show(<PlanScreen outing={outing} view={view} serverNowMs={nowMs} />), view };
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const planId = async () => (await latestPlan(db))?.id;

/** Makes a plan by its button, and shows it. */
async function planned() {
  const first = await shown();
  press('Make the plan');
  await screen.findByText(/^The plan is made/, undefined, { timeout: 60_000 });
  first.unmount();
  return shown();
}

describe('the plan of the cabin', () => {
  it('says first what to do where nobody is on a list', async () => {
    for (const { id } of await listStarters(db, OUTING)) await removeStarter(db, id);
    const { text } = await shown();
    expect(text()).toContain('Nobody is on a start list yet');
    expect(screen.queryByRole('button', { name: 'Make the plan' })).toBeNull();
  });

  it('is made at one press, kept, and shown by person, on the board and by pair', async () => {
    const { text } = await planned();
    const plan = (await latestPlan(db))!;
    expect(plan.pairs).toHaveLength(5);
    expect(plan.left).toEqual([]);
    expect(screen.getByTestId('plan-answer').textContent).toMatch(/^All 5 ready by/);
    expect(screen.getAllByTestId('person-list')).toHaveLength(3);
    const board = await screen.findByRole('region', { name: 'Steps over time' });
    const boxes = within(board).getAllByRole('button');
    const onIrons = plan.tasks.filter(({ ironId }) => ironId !== undefined).length;
    const worked = plan.tasks.filter(({ startMs, endMs }) => endMs > startMs).length;
    expect(boxes).toHaveLength(worked + onIrons);
    expect(within(screen.getByRole('table')).getAllByRole('row')).toHaveLength(6);
    expect(text()).not.toMatch(/undefined|NaN|Invalid/);
  });

  it('says before which step free time helps the least sure pair, or that it helps nowhere', async () => {
    const { view } = await planned();
    const now = view.now!;
    const task = now.plan.tasks.find(({ technicianId }) => technicianId !== undefined)!;
    const { pairId } = task;
    const sureness = [{ pairId, sureMs: now.plan.pairs[0]!.startMs, inTime: 0.7 }];
    const slack = { pairId, inTime: 0.7, free: { task, minutes: 15, inTime: 0.96 } };
    cleanup();
    const free = show(<PlanAnswer now={{ ...now, sureness, slack }} products={{}} />);
    expect(free.text()).toContain('It is in time in 70 % of trial runs.');
    expect(free.text()).toMatch(
      /Spare time helps most before “[^”]+” \([^)]*, \w+\)\. With 15 min there it is in time in 96 %/,
    );
    cleanup();
    const none = show(
      <PlanAnswer now={{ ...now, sureness, slack: { pairId, inTime: 0.7 } }} products={{}} />,
    );
    expect(none.text()).toContain('Spare time would not help');
  });

  it('says that pairs cannot be ready and why, and who has no pair', async () => {
    const team = await loadTeamSettings(db);
    const people = team.cabin!.people.map((one) => ({ ...one, toMs: one.fromMs + 5 * MINUTE_MS }));
    await saveTeamSettings(db, { cabin: { ...team.cabin!, people } });
    await removeSki(db, 'demo-ski-pella-slalom', MORNING.toISOString());
    await shown();
    press('Make the plan');
    await screen.findByText('The plan is made. 4 pairs cannot be ready.');
    await screen.findByText('Without a pair: Pella.');
    cleanup();
    const { text } = await shown();
    expect(screen.getByTestId('plan-answer').textContent).toBe('No pair can be ready');
    expect(text()).toContain('Nobody is there long enough');
  });

  it('takes a tick as the whole visit done, starts the job, and takes it back', async () => {
    const view = await planned();
    const [tick] = screen.getAllByTestId('tick');
    fireEvent.click(within(tick!).getByRole('checkbox'));
    await screen.findByText(/ is done\.$/);
    const [job] = await listOpenJobs(db);
    expect(job!.records.filter(({ endedMs }) => endedMs !== undefined).length).toBeGreaterThan(0);
    view.unmount();
    const after = await shown();
    const states = Object.values(after.view.now!.visits).flat();
    expect(states.some(({ state }) => state === 'done' || state === 'waiting')).toBe(true);
    expect(within(screen.getByRole('table')).getByText(/^next: /)).toBeTruthy();
  });

  it('takes a second tick while the first is on its way', async () => {
    await planned();
    const lists = screen.getAllByTestId('person-list');
    const [one, two] = lists
      .map((list) => within(list).queryAllByTestId('tick'))
      .find((ticks) => ticks.length > 1)!;
    fireEvent.click(within(one!).getByRole('checkbox'));
    fireEvent.click(within(two!).getByRole('checkbox'));
    await waitFor(async () => expect(await listOpenJobs(db)).toHaveLength(2));
  });

  it('moves a step by its keys, says what stands in the way, and undoes', async () => {
    await planned();
    const before = await planId();
    const board = await screen.findByRole('region', { name: 'Steps over time' });
    const last = (await latestPlan(db))!.tasks
      .filter(({ startMs, endMs, technicianId }) => endMs > startMs && technicianId)
      .at(-1)!;
    const boxes = within(board).getAllByRole('button');
    const pair = (await latestPlan(db))!.pairs.find(({ id }) => id === last.pairId)!;
    const own = boxes.filter((box) => box.getAttribute('aria-label')?.includes(pair.skiName));
    fireEvent.click(own[0]!);
    expect(screen.getByTestId('chosen-step').textContent).toContain(pair.skiName);
    press('5 min earlier');
    await waitFor(() => expect(document.body.textContent).toMatch(/Not moved\.|now starts at/));
    fireEvent.click(own.find((box) => box.getAttribute('aria-label')!.startsWith('Top'))!);
    press('5 min later');
    await screen.findByText(/now starts at/);
    expect(await planId()).not.toBe(before);
    expect((await latestPlan(db))!.isMoved).toBe(true);
    press('Undo');
    await waitFor(async () => expect(await planId()).toBe(before));
  });

  it('says when reality has slipped, and what changed since it was made', async () => {
    const first = await planned();
    expect(first.text()).not.toContain('should have started');
    first.unmount();
    vi.setSystemTime(first.view.now!.plan.tasks[0]!.startMs + 30 * MINUTE_MS);
    await db
      .updateTable('outing')
      .set({ start_at: '2027-01-12T16:30:00.000Z' })
      .where('id', '=', OUTING)
      .execute();
    const { text } = await shown();
    expect(text()).toMatch(/\d+ steps should have started by now/);
    expect(text()).toContain('The start of Lantern youth giant slalom has moved. Plan again.');
  });

  it('is made anew without somebody who leaves', async () => {
    const { view } = await planned();
    const at = view.now!.plan.cabin.people.find(({ id }) => id === 'Tarvo')!;
    const before = await planId();
    vi.setSystemTime(at.fromMs + 30 * MINUTE_MS);
    await chooseFrom(
      screen.getByRole('button', { name: 'What to do with Tarvo' }),
      'Tarvo leaves now: plan again',
    );
    await waitFor(async () => expect(await planId()).not.toBe(before), { timeout: 60_000 });
    const { tasks } = (await latestPlan(db))!;
    expect(tasks.some(({ technicianId }) => technicianId === 'Tarvo')).toBe(false);
  });

  it('says at its field what cannot be planned', async () => {
    await shown();
    fireEvent.click(await screen.findByRole('button', { name: /Irons: 2/ }));
    const irons = await screen.findByRole('textbox', { name: 'Irons, separated by commas' });
    fireEvent.change(irons, { target: { value: 'one, one' } });
    press('Make the plan');
    await screen.findByText('Two irons have the same name. Give each its own.');
    expect(await planId()).toBeUndefined();
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Irons/ }).value).toBe(
      'one, one',
    );
  });

  it('goes out as CSV, JSON and a calendar of one person', async () => {
    expect(await exportPlan(db, 'csv')).toMatchObject({ ok: false });
    await planned();
    const plan = (await latestPlan(db))!;
    const worked = plan.tasks.filter(({ startMs, endMs }) => endMs > startMs);
    const csv = await exportPlan(db, 'csv');
    expect(csv.ok && (await textOf(csv.value)).trim().split('\r\n')).toHaveLength(
      worked.length + 1,
    );
    const json = await exportPlan(db, 'json');
    const lines = json.ok ? (JSON.parse(await textOf(json.value)) as object[]) : [];
    expect(lines).toHaveLength(worked.length);
    const calendar = await personCalendar(db, 'Mirel');
    const text = calendar.ok ? await textOf(calendar.value) : '';
    expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(1);
    expect(text).toContain('SUMMARY:Iron');
    expect(await personCalendar(db, 'Nobody')).toMatchObject({ ok: false });
  });
});

describe('time across the board', () => {
  const at = (minutes: number) => minutes * MINUTE_MS;
  const scale = timeScale(
    [
      { startMs: at(0), endMs: at(60) },
      { startMs: at(90), endMs: at(120) },
      { startMs: at(900), endMs: at(960) },
    ],
    2,
  );

  it('draws a night short, and work at one scale', () => {
    expect(scale.stretches.map(({ isPause }) => isPause)).toEqual([false, true, false]);
    expect(scale.x(at(60)) - scale.x(at(0))).toBe(120);
    expect(scale.x(at(900)) - scale.x(at(120))).toBe(44);
    expect(scale.width).toBe(240 + 44 + 120);
  });

  it('goes both ways, and stays on the board', () => {
    for (const minutes of [0, 30, 119, 500, 930, 960]) {
      expect(scale.at(scale.x(at(minutes)))).toBeCloseTo(at(minutes), 3);
    }
    expect(scale.x(at(5000))).toBe(scale.width);
    expect(scale.x(at(-50))).toBe(0);
    expect(timeScale([], 2).x(5)).toBe(0);
    expect(timeScale([], 2).at(5)).toBe(0);
  });

  it('writes hours where somebody works only', () => {
    expect(ticksOf(scale, 60).map((ms) => ms / MINUTE_MS)).toEqual([0, 60, 120, 900, 960]);
  });
});
