// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listDoneJobs } from '@/data/jobs';
import { pageOfLog } from '@/data/log-choices';
import { listOutings } from '@/data/outings';
import type { DoneJob } from '@/core/model';
import { demoDatabase, emptyDatabase, outingOf, replaced } from '../../../tests/unit/demo-app';
import { AMERICAN, fill, show } from '../../../tests/unit/render';
import { BenchLog } from './bench-log';
import { LogScreen } from './log-screen';
import { loadPast } from './use-cases/load-past';
import { loadOutcomes } from './use-cases/load-outcomes';
import { exportChoices } from './use-cases/export-choices';
import { textOf } from '@/formats/out-file';

const OUTING = 'demo-relay';
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

interface Asked {
  words?: string;
  page?: number;
  most?: number;
}

async function logShown({ words = '', page = 1, most = 20 }: Asked = {}, units?: typeof AMERICAN) {
  const [outings, log, jobs] = await Promise.all([
    listOutings(db),
    pageOfLog(db, { words, page, most }),
    listDoneJobs(db, OUTING, most),
  ]);
  const view = { ...log, words, page, pages: Math.max(1, Math.ceil(log.count / most)) };
  const outing = outings.find((one) => one.id === OUTING)!;
  const outcomes = await loadOutcomes(db, outings, Date.now());
  const past = await loadPast(db, outing, { outings, said: outcomes.said });
  const screenShown = show(
    <LogScreen
      outing={outing}
      outings={outings}
      view={view}
      jobs={jobs}
      outcomes={outcomes}
      past={past}
    />,
    units,
  );
  return { ...screenShown, log, outing };
}
const entries = () => within(screen.getByTestId('log')).queryAllByRole('listitem');
const count = async () => (await pageOfLog(db, { words: '', page: 1, most: 100 })).count;

describe('the log', () => {
  it('names the latest choice first, then every choice with what it was taken for', async () => {
    const { text, log } = await logShown();
    expect(log.count).toBeGreaterThan(0);
    expect(text()).toContain(`the latest of ${log.count}`);
    const told = entries().filter((one) => /chosen/.test(one.textContent));
    expect(told).toHaveLength(log.choices.length);
    log.choices.forEach((choice, i) => expect(told[i]!.textContent).toContain(choice.productName));
  });

  it('opens the reasons and the shelf as they were that day', async () => {
    const { text, log } = await logShown();
    const first = log.choices[0]!;
    expect(screen.queryByText('Withdraw choice')).toBeNull();
    fireEvent.click(screen.getAllByRole('button', { name: /Reasons and shelf at that time/ })[0]!);
    await screen.findByRole('button', { name: 'Withdraw choice' });
    for (const { id } of first.top.slice(0, 3)) {
      expect(text()).toContain(first.products.find((one) => one.id === id)!.name);
    }
  });

  it('gives equivalent temperatures in the units of the device', async () => {
    const { text } = await logShown({}, AMERICAN);
    expect(text()).toMatch(/−?\d+(\.\d)? °F/);
    expect(text()).not.toMatch(/\d °C/);
  });

  it('withdraws a choice, which the record keeps, and takes that back', async () => {
    const before = await count();
    const { text } = await logShown();
    fireEvent.click(screen.getAllByRole('button', { name: /Reasons and shelf at that time/ })[0]!);
    fireEvent.click(await screen.findByRole('button', { name: 'Withdraw choice' }));
    await waitFor(() => expect(text()).toContain('Choice withdrawn. The record keeps it.'));
    expect(await count()).toBe(before - 1);
    const kept = await db.selectFrom('choice').select('id').execute();
    expect(kept.length).toBeGreaterThanOrEqual(before);
    fireEvent.click(screen.getByRole('button', { name: 'Withdraw choice' }));
    await waitFor(() => expect(text()).toContain('That choice was already withdrawn.'));
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });

  it('brings a withdrawn choice back by Undo', async () => {
    const before = await count();
    await logShown();
    fireEvent.click(screen.getAllByRole('button', { name: /Reasons and shelf at that time/ })[0]!);
    fireEvent.click(await screen.findByRole('button', { name: 'Withdraw choice' }));
    await waitFor(async () => expect(await count()).toBe(before - 1));
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await count()).toBe(before));
  });

  it('keeps what is searched for in the address, once typing rests', async () => {
    const { log } = await logShown();
    const name = log.choices[0]!.productName;
    fill('Find by wax, outing or note', `${name}  `);
    expect(replaced()).toEqual([]);
    await waitFor(() =>
      expect(replaced()).toEqual([
        `/outing/${OUTING}/log?${new URLSearchParams({ find: name }).toString()}`,
      ]),
    );
  });

  it('says that nothing matches, and keeps the search open', async () => {
    const { text } = await logShown({ words: 'no such wax' });
    expect(text()).toContain('Nothing found.');
    expect(text()).toContain('No choice in the log matches.');
    fill('Find by wax, outing or note', '');
    await waitFor(() => expect(replaced()).toEqual([`/outing/${OUTING}/log`]));
  });

  it('turns pages by links that keep the search', async () => {
    const row = await db.selectFrom('choice').selectAll().executeTakeFirstOrThrow();
    for (const id of ['second', 'third']) {
      await db
        .insertInto('choice')
        .values({ ...row, id })
        .execute();
    }
    const all = await count();
    const { text } = await logShown({ page: 1, most: 1 });
    expect(all).toBe(3);
    expect(text()).toContain(`Page 1 of ${all}`);
    const older = screen.getByRole('link', { name: 'Older choices' });
    expect(older.getAttribute('href')).toBe(`/outing/${OUTING}/log?page=2`);
    expect(screen.queryByRole('link', { name: 'Newer choices' })).toBeNull();
  });
});

describe('an empty log', () => {
  it('says so and leads to the choice', async () => {
    const outing = await outingOf(db, OUTING);
    const empty = { choices: [], count: 0, words: '', page: 1, pages: 1 };
    const { text } = show(
      <LogScreen
        outing={outing}
        outings={[outing]}
        view={empty}
        jobs={[]}
        outcomes={{ said: {}, asked: [] }}
        past={undefined}
      />,
    );
    expect(text()).toContain('Nothing yet.');
    expect(
      screen.getByRole('link', { name: 'Choose a wax and save the choice' }).getAttribute('href'),
    ).toBe(`/outing/${OUTING}/pick`);
    expect(screen.queryByRole('textbox')).toBeNull();
    expect(screen.queryByRole('link', { name: 'CSV' })).toBeNull();
  });

  it('exports a header alone', async () => {
    const file = await exportChoices(await emptyDatabase(), null, 'csv');
    if (!file.ok) throw new Error(file.error.message);
    expect((await textOf(file.value)).trim().split('\n')).toHaveLength(1);
  });
});

describe('what came from the bench', () => {
  const job: DoneJob = {
    id: 'job-1',
    title: 'Wessa slalom',
    startedAt: '2027-01-13T10:00:00.000Z',
    endedAt: '2027-01-13T11:30:00.000Z',
    steps: 12,
    grams: 4.25,
    waitsEndedEarly: 1,
    skipped: [{ title: 'Ruby stone', reason: 'edges are new' }],
  };
  const told = async (change: Partial<DoneJob> = {}) => {
    const outing = await outingOf(db, OUTING);
    return show(<BenchLog outing={outing} jobs={[{ ...job, ...change }]} />).text();
  };

  it('is told with time, steps, grams, early ends and what was left out', async () => {
    const text = await told();
    expect(text).toContain('in 1 h 30 min');
    expect(text).toContain('11 of 12 steps');
    expect(text).toContain('4.3 g from the shelf');
    expect(text).toContain('1 wait ended early');
    expect(text).toContain('skipped ruby stone: edges are new');
  });

  it('leaves out what did not happen', async () => {
    const text = await told({ grams: 0, waitsEndedEarly: 0, skipped: [] });
    expect(text).toContain('12 of 12 steps');
    expect(text).not.toMatch(/from the shelf|early|skipped/);
  });

  it('counts more than one wait in the plural', async () => {
    expect(await told({ waitsEndedEarly: 3 })).toContain('3 waits ended early');
  });
});
