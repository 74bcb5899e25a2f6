// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { jobState } from '@/core/bench';
import type { FrostDatabase } from '@/data/database';
import { findJob, listOpenJobs } from '@/data/jobs';
import { listSkiEvents } from '@/data/ski-events';
import { remainingGrams } from '@/data/stock';
import { DAY, demoDatabase, outingOf, pushed } from '../../../tests/unit/demo-app';
import { AMERICAN, fill, show } from '../../../tests/unit/render';
import { BenchScreen } from './bench-screen';
import { openJob } from './open-job';
import { JobSheetScreen } from './job-sheet-screen';
import { Runner } from './runner';
import { loadBench } from './use-cases/load-bench';
import { DEFAULT_UNITS } from '@/words/units';
import { showSheet } from './use-cases/show-sheet';
import { moveJob } from '@/server/job/run-job';

const OUTING = 'demo-slalom';
const SKI = 'demo-ski-wessa-slalom';
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const key = (pressed: string, code = pressed) =>
  fireEvent.keyDown(document, { key: pressed, code });

async function planShown(units?: typeof AMERICAN) {
  const planned = await showSheet(
    db,
    { outingId: OUTING, skiId: SKI },
    { nowMs: DAY.getTime(), units: units ?? DEFAULT_UNITS },
  );
  if (!planned.ok) throw new Error(planned.error.message);
  return { ...show(<JobSheetScreen outingId={OUTING} planned={planned.value} />, units), planned };
}

/** Starts the sheet by its button; gives the id of the job. */
async function started(): Promise<string> {
  const view = await planShown();
  press('Start job');
  await waitFor(async () => expect(await listOpenJobs(db)).toHaveLength(1));
  view.unmount();
  return (await listOpenJobs(db))[0]!.id;
}

async function runnerShown(jobId: string, nowMs = Date.now()) {
  const job = (await findJob(db, jobId))!;
  const open = (await listOpenJobs(db)).map(openJob);
  const view = show(
    <Runner job={job} open={open} outingId={OUTING} timeZone="CET" serverNowMs={nowMs} />,
  );
  return { ...view, job };
}

const positionOf = async (jobId: string) => {
  const job = (await findJob(db, jobId))!;
  return jobState(job.sheet, job.records).position;
};

/** Does the steps before one at its bench, as the buttons would. */
async function runTo(jobId: string, at: number): Promise<void> {
  for (let position = await positionOf(jobId); position < at; position += 1) {
    const done = await moveJob(
      db,
      { jobId, position, move: 'next' },
      { newId: () => crypto.randomUUID(), nowMs: Date.now() },
    );
    expect(done.ok).toBe(true);
  }
}

describe('the sheet before the start', () => {
  it('says how long it takes first, then why each programme is in it, then every step', async () => {
    const { text, planned } = await planShown();
    expect(screen.getByTestId('sheet-minutes').textContent).toMatch(/min of work$/);
    expect(text()).toContain(`, for ${planned.ok && planned.value.choiceName}`);
    const steps = within(screen.getByTestId('steps')).getAllByRole('listitem');
    expect(steps).toHaveLength(planned.ok ? planned.value.sheet.steps.length : 0);
    expect(text()).toContain('Until:');
    expect(text()).toMatch(/\d g for both skis/);
    expect(text()).toMatch(/\d+ strokes on each ski/);
  });

  it('gives every temperature in °F to who reads °F', async () => {
    const { text } = await planShown(AMERICAN);
    expect(text()).toMatch(/\d+ °F/);
    expect(text()).not.toMatch(/\d °C/);
  });

  it('tells a caution once and points back to it afterwards', async () => {
    await planShown();
    const rendered = screen.getAllByText(/^Same caution as step \d+\.$/);
    const steps = within(screen.getByTestId('steps')).getAllByRole('listitem');
    for (const one of rendered) {
      const first = Number(/\d+/.exec(one.textContent)![0]);
      expect(steps.indexOf(one.closest('li')!)).toBeGreaterThan(first - 1);
    }
  });

  it('is made anew as programmes and room change', async () => {
    const { user, text } = await planShown();
    const before = text();
    const boxes = screen.getAllByRole<HTMLInputElement>('checkbox');
    const left = boxes.filter((box) => box.checked);
    expect(left.length).toBeGreaterThan(0);
    await user.click(boxes.find((box) => !box.checked)!);
    fill('Room temperature', '5');
    await waitFor(() => expect(text()).not.toBe(before));
    fill('Room temperature', '95');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/room/i));
  });

  it('starts once: the second start of the same ski is told, and moves nothing', async () => {
    const jobId = await started();
    expect(pushed()).toContain(`/outing/${OUTING}/bench?job=${jobId}`);
    await planShown();
    press('Start job');
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toBe(
        'This ski is already on the bench. Continue that job.',
      ),
    );
    expect(await listOpenJobs(db)).toHaveLength(1);
  });
});

describe('the runner', () => {
  it('goes on by button and key, and back by key', async () => {
    const jobId = await started();
    let view = await runnerShown(jobId);
    expect(screen.getByTestId('step-title').textContent).toBe(view.job.sheet.steps[0]!.title);
    expect(screen.getByRole('button', { name: 'Back one step' })).toHaveProperty('disabled', true);
    press('Done, next');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(1));
    view.unmount();
    view = await runnerShown(jobId);
    key(' ', 'Space');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(2));
    view.unmount();
    view = await runnerShown(jobId);
    key('u', 'KeyU');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(1));
  });

  it('shows the tabs of all skis on the bench, this one first in ink', async () => {
    const jobId = await started();
    await runnerShown(jobId);
    const tabs = screen.getByRole('navigation', { name: 'Skis on the bench' });
    expect(within(tabs).getByRole('link', { current: 'page' }).textContent).toContain('step 1');
    expect(within(tabs).getByText('Another ski')).toBeTruthy();
  });

  it('skips only with a reason, which stands in the list', async () => {
    const jobId = await started();
    const view = await runnerShown(jobId);
    press('Skip');
    press('Skip this step');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('why you skip'));
    fill('Reason for skipping', 'done last night');
    press('Skip this step');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(1));
    view.unmount();
    const { text } = await runnerShown(jobId);
    expect(text()).toContain('skipped: done last night');
    press('Skip');
    press('Cancel');
    expect(screen.queryByRole('textbox', { name: 'Reason for skipping' })).toBeNull();
  });

  it('books what was really taken from the shelf, and gives it back on the way back', async () => {
    const jobId = await started();
    const { sheet } = (await findJob(db, jobId))!;
    const at = sheet.steps.findIndex((one) => one.productId && one.figures.grams !== undefined);
    await runTo(jobId, at);
    const { productId } = sheet.steps[at]!;
    const left = async () => (await remainingGrams(db))[productId!]!;
    const before = await left();
    const view = await runnerShown(jobId);
    fill('Taken from the shelf', '7.5');
    press('Done, next');
    await waitFor(async () => expect(await left()).toBeCloseTo(before - 7.5, 6));
    view.unmount();
    await runnerShown(jobId);
    press('Back one step');
    await waitFor(async () => expect(await left()).toBeCloseTo(before, 6));
  });

  it('counts a wait down, says when it may end and for how long it is over', async () => {
    const jobId = await started();
    const { sheet } = (await findJob(db, jobId))!;
    const at = sheet.steps.findIndex((one) => one.waitMin !== undefined);
    await runTo(jobId, at);
    const { waitMin = 0, waitLeastMin = 0 } = sheet.steps[at]!;
    const now = Date.now();
    const MINUTE = 60_000;
    let view = await runnerShown(jobId, now);
    expect(screen.getByRole('timer').textContent).toMatch(/^\d+:\d\d/);
    expect(view.text()).toMatch(/At least .* more\./);
    // The key does not end a wait, and before its least the button asks.
    key(' ', 'Space');
    press('End the wait early');
    expect(view.text()).toContain('The wax is not ready.');
    press('Keep waiting');
    expect(await positionOf(jobId)).toBe(at);
    expect(screen.getByRole('button', { name: 'To the bench' })).toBeTruthy();
    expect(view.text()).toMatch(/\d+ steps left, done about /);
    view.unmount();
    view = await runnerShown(jobId, now + (waitLeastMin + 0.5) * MINUTE);
    expect(view.text()).toContain('You can go on if you must.');
    view.unmount();
    view = await runnerShown(jobId, now + (waitMin + 3) * MINUTE);
    expect(screen.getByRole('timer').textContent).toBe('Over');
    expect(view.text()).toContain('Over for 3 min.');
    expect(screen.getByRole('button', { name: 'Done, next' })).toBeTruthy();
  });

  it('counts strokes by key, and paces the iron', async () => {
    const jobId = await started();
    const { sheet } = (await findJob(db, jobId))!;
    const strokes = sheet.steps.findIndex((one) => (one.figures.strokes ?? 0) > 1);
    await runTo(jobId, strokes);
    const wanted = sheet.steps[strokes]!.figures.strokes!;
    await runnerShown(jobId);
    key('c', 'KeyC');
    press('Count a stroke');
    await waitFor(() => expect(screen.getByText(`2 of ${wanted}`)).toBeTruthy());
    for (let i = 2; i < wanted; i += 1) key('c', 'KeyC');
    await waitFor(() => expect(screen.getByText(`${wanted} of ${wanted}, enough`)).toBeTruthy());
    press('Reset');
    expect(screen.getByText(`0 of ${wanted}`)).toBeTruthy();
  });

  it('is stopped before the end with a way back', async () => {
    const jobId = await started();
    await runnerShown(jobId);
    press('Stop this job');
    await waitFor(async () => expect(await listOpenJobs(db)).toHaveLength(0));
    press('Undo');
    await waitFor(async () => expect(await listOpenJobs(db)).toHaveLength(1));
  });

  it('says where another device is, and moves nothing', async () => {
    const jobId = await started();
    const first = await runnerShown(jobId);
    press('Done, next');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(1));
    first.unmount();
    const stale = (await findJob(db, jobId))!;
    show(
      <Runner
        timeZone="CET"
        job={{
          ...stale,
          records: stale.records
            .filter((one) => one.position === 0)
            .map((one) => ({ ...one, outcome: undefined, endedMs: undefined })),
        }}
        open={[]}
        outingId={OUTING}
        serverNowMs={Date.now()}
      />,
    );
    press('Done, next');
    await waitFor(() =>
      expect(screen.getByRole('alert').textContent).toContain('Another device moved this job'),
    );
    expect(await positionOf(jobId)).toBe(1);
  });

  it('ends with what it changed, and can be undone from there', async () => {
    const jobId = await started();
    const { sheet } = (await findJob(db, jobId))!;
    const last = sheet.steps.length;
    await runTo(jobId, last);
    const { text } = await runnerShown(jobId);
    expect(text()).toContain('is done. Wax reserve, shelf and log are updated.');
    const early = (await findJob(db, jobId))!.records.filter(
      ({ outcome }) => outcome === 'ended_early',
    ).length;
    expect(text()).toContain(`${early} waits were ended early.`);
    const own = async () =>
      (await listSkiEvents(db, SKI)).filter((one) => one.jobId === jobId).length;
    expect(await own()).toBeGreaterThan(0);
    press('Undo the last step');
    await waitFor(async () => expect(await positionOf(jobId)).toBe(last - 1));
    expect(await own()).toBe(0);
  });
});

describe('the bench', () => {
  const shown = async () => {
    const outing = await outingOf(db, OUTING);
    const view = await loadBench(db, outing, DAY.getTime());
    return show(<BenchScreen outing={outing} view={view} serverNowMs={Date.now()} />);
  };

  it('says first that nothing is on it, and lists the skis of this outing, due ones first', async () => {
    const { text } = await shown();
    expect(screen.getByTestId('bench-answer').textContent).toBe('Nothing yet');
    expect(text()).toContain('Skis for');
    const rows = within(screen.getByRole('table', { name: 'Skis for this outing' })).getAllByRole(
      'row',
    );
    const due = rows.slice(1).map((row) => /due/.test(row.textContent));
    expect(due.length).toBeGreaterThan(0);
    expect(due).toEqual([...due].sort((a, b) => Number(b) - Number(a)));
  });

  it('shows what is in hand and what waits, with the time left', async () => {
    const jobId = await started();
    let view = await shown();
    expect(screen.getByTestId('bench-answer').textContent).toBe('1 to work on, 0 waiting');
    expect(view.text()).toMatch(/Step 1 of \d+:/);
    view.unmount();
    const { sheet } = (await findJob(db, jobId))!;
    const at = sheet.steps.findIndex((one) => one.waitMin !== undefined);
    await runTo(jobId, at);
    view = await shown();
    expect(screen.getByTestId('bench-answer').textContent).toBe(
      'One is waiting, nothing to do now',
    );
    expect(view.text()).toMatch(/, [\d:]+ left/);
  });

  it('asks for notifications and says what came of it', async () => {
    await started();
    const { text } = await shown();
    press('Notify me when a wait ends');
    await waitFor(() => expect(text()).toContain('You still get the tile and the sound.'));
    vi.stubGlobal('Notification', { requestPermission: () => Promise.resolve('granted') });
    press('Notify me when a wait ends');
    await waitFor(() => expect(text()).toContain('You get a notification when a wait ends.'));
    vi.unstubAllGlobals();
  });
});

it('two taps within 400 ms are one step', async () => {
  const jobId = await started();
  await runnerShown(jobId);
  press('Done, next');
  press('Done, next');
  await waitFor(async () => expect(await positionOf(jobId)).toBe(1));
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect(await positionOf(jobId)).toBe(1);
});
