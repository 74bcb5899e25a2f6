// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { emptyOutbox, outboxHere, type Instead } from '../../../tests/unit/outbox-here';
import { chooseFrom, field, fill, show } from '../../../tests/unit/render';
import type { FrostDatabase } from '@/data/database';
import { listGlideRuns, listGlideTests } from '@/data/glide-tests';
import { listGripTests } from '@/data/grip-tests';
import { keptEntries } from '@/ui/outbox/outbox-store';
import { TestScreen } from './test-screen';
import { act } from '@/writes/act';

/** What the server answers to the outbox in place of itself. */
let instead: Instead;

const OUTING = 'demo-relay';
let db: FrostDatabase;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: DAY });
  instead = undefined;
  outboxHere(() => instead);
  await emptyOutbox();
  localStorage.clear();
  db = await demoDatabase();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function shown(outingId = OUTING) {
  const outing = await outingOf(db, outingId);
  const tests = await listGlideTests(db, outingId);
  const [test] = tests;
  const open = test && { test, runs: await listGlideRuns(db, test.id) };
  return show(<TestScreen {...{ outing, tests, open }} waxes={['Cold', 'Universal']} />);
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const kept = async () => listGlideRuns(db, (await listGlideTests(db, OUTING))[0]!.id);
const type = (digits: string) => {
  for (const digit of digits) press(digit === '.' ? /Decimal point/ : digit);
};
let count = 0;
const key = () => `glide-key-${(count += 1)}`;
const said = (done: { ok: boolean; error?: { details: unknown[]; message: string } }) =>
  done.ok ? '' : `${done.error!.message} ${JSON.stringify(done.error!.details)}`;

describe('a test that is under way', () => {
  it('says what may be said, with the difference in seconds and in friction', async () => {
    const { text } = await shown();
    expect(screen.getByTestId('verdict').textContent).toMatch(/^Cold is /);
    expect(text()).toMatch(/Hard frost is 0\.\d\d s slower than Cold\./);
    expect(text()).toMatch(
      /number of runs: 0\.\d\d s (slower|faster) to 0\.\d\d s slower.*Friction: \+\d\.\d %/,
    );
    expect(text()).not.toMatch(/undefined|NaN/);
    expect(screen.getByTestId('next-ski').textContent).toBe('Next: Cold');
  });

  it('takes the next run by its keys, keeps it, and gives it back', async () => {
    const { text } = await shown();
    press('Save run');
    expect(text()).toContain('Enter the result of the run.');
    type('20.71');
    press('Save run');
    await waitFor(async () => expect(await kept()).toHaveLength(9));
    expect((await kept()).at(-1)).toMatchObject({ ski: 'Cold', value: 20.71 });
    expect(screen.getByTestId('next-ski').textContent).toBe('Next: Hard frost');
    await chooseFrom(screen.getByRole('button', { name: 'Delete run 8' }), 'Delete');
    await screen.findByText('Run deleted.');
    expect(await kept()).toHaveLength(8);
    press('Undo');
    await waitFor(async () => expect(await kept()).toHaveLength(9));
  });

  it('keeps runs on the device while the server does not answer, and sends each once', async () => {
    instead = () => Promise.reject(new Error('away'));
    const first = await shown();
    type('20.5');
    press('Save run');
    await screen.findByText(/1 run waits on this device/);
    vi.setSystemTime(DAY.getTime() + 60_000);
    type('20.9');
    press('Save run');
    await screen.findByText(/2 runs wait on this device/);
    expect(await kept()).toHaveLength(8);
    first.unmount();
    instead = undefined;
    // The page is opened anew, and the server is back.
    await shown();
    window.dispatchEvent(new Event('online'));
    await waitFor(async () => expect(await kept()).toHaveLength(10));
    expect((await kept()).slice(-2).map(({ value }) => value)).toEqual([20.5, 20.9]);
    expect(await keptEntries()).toEqual([]);
  });

  it('takes over what an older version kept elsewhere on the device', async () => {
    const [test] = await listGlideTests(db, OUTING);
    const run = {
      id: 'run-of-before',
      testId: test!.id,
      ski: 'Cold',
      value: 21.1,
      ranAt: DAY.toISOString(),
    };
    localStorage.setItem(`frost-draft:glide-runs:${test!.id}`, JSON.stringify({ runs: [run] }));
    await shown();
    await waitFor(async () =>
      expect((await kept()).at(-1)).toMatchObject({ id: run.id, value: 21.1 }),
    );
    expect(localStorage.length).toBe(0);
  });

  it('shows a run that the server refuses with the reason, to be sent again or dropped', async () => {
    const error = { code: 'conflict', message: 'A test holds 500 runs.', details: [] };
    instead = () => Promise.resolve(Response.json(error, { status: 409 }));
    await shown();
    type('20.5');
    press('Save run');
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain('Cold, 20.50 s was refused: A test holds 500 runs.');
    fireEvent.click(within(alert).getByRole('button', { name: 'Delete this run' }));
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
    expect(await kept()).toHaveLength(8);
  });
});

describe('the timing gates', () => {
  it('fill in the time of a run, say what was wrong, and leave the keys open', async () => {
    const { text } = await shown();
    fireEvent.click(await screen.findByRole('button', { name: 'Read the timing gates' }));
    const go = await screen.findByRole('button', { name: 'Let the skier go' });
    vi.useFakeTimers({ toFake: ['setTimeout', 'Date'], now: DAY });
    fireEvent.click(go);
    for (let k = 0; k < 80; k += 1) await vi.advanceTimersByTimeAsync(250);
    vi.useFakeTimers({ toFake: ['Date'], now: DAY });
    await waitFor(() => expect(text()).toMatch(/The gates say 2\d\.\d\d s/));
    const read = /The gates say (\d+\.\d\d) s/.exec(text())?.[1];
    press('Save run');
    await waitFor(async () => expect((await kept()).at(-1)!.value).toBe(Number(read)));
  });
});

describe('a new test', () => {
  it('is set up with names, measure and hill; what is wrong is said at its field', async () => {
    const { text } = await shown('demo-tour');
    expect(text()).toContain('No glide test yet');
    await screen.findByRole('textbox', { name: 'Skis or waxes, one per line' });
    const names = () => field('Skis or waxes, one per line').value;
    fireEvent.click(screen.getByRole('checkbox', { name: 'Cold' }));
    await waitFor(() => expect(names()).toBe('Cold'));
    fireEvent.click(screen.getByRole('checkbox', { name: 'Cold' }));
    await waitFor(() => expect(names()).toBe(''));
    fill('Skis or waxes, one per line', 'One');
    press('Start test');
    await waitFor(() => expect(text()).toContain('Give at least two skis or waxes'));
    fill('Skis or waxes, one per line', 'One\nTwo');
    fill('Drop of the hill', '6');
    press('Start test');
    await waitFor(() => expect(text()).toContain('The length of the hill is missing.'));
    fill('Length along the slope', '80');
    press('Start test');
    await waitFor(async () => expect(await listGlideTests(db, 'demo-tour')).toHaveLength(1));
    const [test] = await listGlideTests(db, 'demo-tour');
    expect(test).toMatchObject({
      skis: ['One', 'Two'],
      measure: 'seconds',
      hill: { dropM: 6, lengthM: 80, fromRest: true },
    });
    expect(field('Skis or waxes, one per line').value).toBe('');
  });

  it('keeps the snow as it was read, and refuses what is not of it', async () => {
    const input = { outingId: OUTING, measure: 'metres', skis: ['A', 'B'] };
    const begun = await act('glide.begin', key(), input);
    if (!begun.ok) throw new Error(begun.error.message);
    const test = (await listGlideTests(db, OUTING)).find(({ id }) => id === begun.value.id)!;
    expect(test.snow?.temperatureC).toBeLessThan(0);
    const run = { testId: test.id, ski: 'A', value: 31, ranAt: DAY.toISOString() };
    expect(said(await act('glide.run', key(), { ...run, ski: 'C' }))).toContain(
      'C is not in this test',
    );
    expect(said(await act('glide.run', key(), { ...run, value: -3 }))).toContain('value');
    expect(said(await act('glide.run', key(), { ...run, testId: 'gone' }))).toContain(
      'no longer exists',
    );
    const same = key();
    expect(await act('glide.run', same, run)).toMatchObject({ ok: true });
    expect(await act('glide.run', same, run)).toMatchObject({ ok: true });
    expect(await listGlideRuns(db, test.id)).toHaveLength(1);
    expect(said(await act('glide.mark', key(), { id: 'gone', isBack: false }))).toContain(
      'no longer exists',
    );
    expect(said(await act('glide.begin', key(), { ...input, outingId: 'gone' }))).toContain(
      'no longer exists',
    );
    expect(said(await act('glide.begin', key(), { ...input, skis: ['A', 'A'] }))).toContain('once');
  });
});

describe('a test of grip', () => {
  const shownClassic = async () => {
    const outing = await outingOf(db, 'demo-tour');
    const tests = await listGripTests(db, 'demo-tour');
    return show(
      <TestScreen
        {...{ outing, tests: [], open: undefined }}
        waxes={[]}
        grip={{ tests, waxes: ['Violet stick'] }}
      />,
    );
  };
  const tried = async (wax: string, rest: object) => {
    const done = await act('grip.test', key(), {
      outingId: 'demo-tour',
      wax,
      layers: 3,
      heldMarks: 5,
      ...rest,
    });
    expect(said(done)).toBe('');
  };

  it('is kept with its verdict, and is not without one', async () => {
    const { text } = await shownClassic();
    fireEvent.change(await screen.findByLabelText('Grip wax'), {
      target: { value: 'Violet stick' },
    });
    fill('Marks reached', '8');
    press('Save grip test');
    await waitFor(() => expect(text()).toContain('Say how it was: holds, slips, ices or drags.'));
    expect(await listGripTests(db, 'demo-tour')).toEqual([]);
    fireEvent.click(screen.getByRole('radio', { name: 'Holds and glides' }));
    press('Save grip test');
    await waitFor(async () =>
      expect(await listGripTests(db, 'demo-tour')).toMatchObject([
        { wax: 'Violet stick', layers: 3, heldMarks: 8, verdict: 'holds' },
      ]),
    );
  });

  it('ranks what holds before what slips or ices, and is taken back and put in again', async () => {
    await tried('Icing', { heldMarks: 12, verdict: 'ices' });
    await tried('Four layers', { heldMarks: 8, layers: 4, verdict: 'holds' });
    await tried('Best', { heldMarks: 8, verdict: 'holds' });
    await tried('Slippery', { heldMarks: 9, verdict: 'slips' });
    const { text } = await shownClassic();
    const best = await screen.findByTestId('best-grip');
    expect(best.textContent).toBe('Best holds best so far: 8 marks with 3 layers.');
    const order = screen
      .getAllByRole('row')
      .slice(1)
      .map((row) => within(row).getAllByRole('cell')[0]!.textContent);
    expect(order).toEqual(['Best', 'Four layers', 'Slippery', 'Icing']);
    press('Delete Best');
    await waitFor(() => expect(text()).toContain('Deleted.'));
    expect(await listGripTests(db, 'demo-tour')).toHaveLength(3);
    press('Undo');
    await waitFor(async () => expect(await listGripTests(db, 'demo-tour')).toHaveLength(4));
  });

  it('says what to try where none holds', async () => {
    await tried('Slippery', { verdict: 'slips' });
    await shownClassic();
    expect((await screen.findByTestId('best-grip')).textContent).toContain(
      'Try a softer wax or one more layer',
    );
  });
});

describe('a test with a reference ski', () => {
  const begin = (reference?: string) =>
    act('glide.begin', key(), {
      outingId: OUTING,
      measure: 'seconds',
      skis: ['A', 'B', 'C'],
      reference,
      structure: '1 mm linear',
    });

  it('begins and ends each round with it, and tells its structure', async () => {
    vi.setSystemTime(DAY.getTime() + 60_000);
    expect(said(await begin('B'))).toBe('');
    const { text } = await shown();
    expect(screen.getByTestId('next-ski').textContent).toBe('Next: B');
    expect(text()).toContain('Structure: 1 mm linear.');
  });

  it('must have it among its skis', async () => {
    expect(said(await begin('Nobody'))).toContain(
      'The reference ski must be one of those in the test.',
    );
  });
});
