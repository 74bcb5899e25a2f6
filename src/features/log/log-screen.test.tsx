// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { addNote } from '@/data/notes';
import type { FrostDatabase } from '@/data/database';
import { pageOfLog } from '@/data/log-entries';
import { addPhoto } from '@/data/photos';
import { listReadings } from '@/data/readings';
import { addSkiPhoto } from '@/data/skis';
import type { DoneJob } from '@/core/model';
import { textOf } from '@/formats/out-file';
import { demoDatabase, emptyDatabase, outingOf, replaced } from '../../../tests/unit/demo-app';
import { AMERICAN, fill, show } from '../../../tests/unit/render';
import { jobSummary } from './job-summary';
import { LogScreen } from './log-screen';
import { viewOf, type LogQuery } from './log-view';
import { exportChoices } from './use-cases/export-choices';
import { loadLog } from './use-cases/load-log';

const OUTING = 'demo-relay';
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function logShown(query: LogQuery = {}, units?: typeof AMERICAN, id = OUTING) {
  const outing = await outingOf(db, id);
  const log = await loadLog(db, outing, { view: viewOf(query), nowMs: Date.now() });
  return { ...show(<LogScreen {...log} />, units), log };
}
const entries = () => within(screen.getByTestId('log')).queryAllByRole('listitem');
const count = async (kind: 'choice' | 'note') =>
  (await pageOfLog(db, { words: '', kinds: [kind], page: 1, most: 100 })).count;
const openReasons = () =>
  fireEvent.click(screen.getAllByRole('button', { name: /Reasons and shelf at that time/ })[0]!);

describe('the log', () => {
  it('says first what was chosen for this outing and how it turned out, then all that was recorded', async () => {
    const { text, log } = await logShown({}, undefined, 'demo-slalom');
    expect(text()).toContain(`Chosen for ${log.outing.name}`);
    expect(text()).toContain(log.choice!.productName);
    expect(entries()).toHaveLength(log.timeline.entries.length);
    for (const kind of ['reading', 'choice', 'test', 'note'] as const) {
      const { log: narrowed, unmount } = await logShown({ show: `${kind}s` });
      expect(narrowed.timeline.entries.every((one) => one.kind === kind)).toBe(true);
      expect(narrowed.timeline.count).toBeGreaterThan(0);
      unmount();
    }
    const times = log.timeline.entries.map(({ at }) => at);
    expect(times).toEqual([...times].sort().reverse());
  });

  it('tells a reading, a test and kilometres in a line each', async () => {
    const { text, unmount } = await logShown({ show: 'readings' });
    expect(text()).toMatch(
      /Reading, .*−\d+\.\d ± \d\.\d °C, air \d+ %|−\d+\.\d ± \d\.\d °C, air \d+ %/,
    );
    unmount();
    const tests = await logShown({ show: 'tests' });
    expect(tests.text()).toContain(' against ');
    expect(screen.getAllByRole('link', { name: 'The test' })[0]!.getAttribute('href')).toMatch(
      /^\/outing\/demo-relay\/test\?test=/,
    );
    tests.unmount();
    expect((await logShown({ show: 'skis' })).text()).toMatch(/\d km, /);
  });

  it('shows photos of snow and of pairs, each at its own address', async () => {
    const jpeg = Buffer.from('ffd8ff', 'hex');
    const [reading] = await listReadings(db, OUTING, 1);
    const [ski] = await db.selectFrom('ski').select(['id', 'name']).limit(1).execute();
    const createdAt = new Date().toISOString();
    await addPhoto(db, { id: 'p', readingId: reading!.id, jpeg, createdAt });
    await addSkiPhoto(db, { id: 'sp', skiId: ski!.id, jpeg, at: createdAt });
    await logShown({ show: 'photos' });
    const addresses = screen.getAllByRole('img').map((one) => one.getAttribute('src'));
    expect(addresses.sort()).toEqual([
      `/api/v1/readings/${reading!.id}/photo`,
      `/api/v1/skis/${ski!.id}/photos/sp`,
    ]);
    expect(screen.getByAltText(ski!.name)).toBeDefined();
  });

  it('opens the reasons and the shelf as they were that day', async () => {
    const { text, log } = await logShown({ show: 'choices' });
    const [first] = log.timeline.entries;
    if (first?.kind !== 'choice') throw new Error('No choice in the demo.');
    expect(screen.queryByText('Delete choice')).toBeNull();
    openReasons();
    await screen.findByRole('button', { name: 'Delete choice' });
    for (const { id } of first.choice.top.slice(0, 3)) {
      expect(text()).toContain(first.choice.products.find((one) => one.id === id)!.name);
    }
  });

  it('gives temperatures in the units of the device', async () => {
    const { text } = await logShown({ show: 'readings' }, AMERICAN);
    expect(text()).toMatch(/−?\d+(\.\d)? ± \d+\.\d °F/);
    expect(text()).not.toMatch(/\d °C/);
  });

  it('withdraws a choice, which the record keeps, and takes that back', async () => {
    const before = await count('choice');
    const { text } = await logShown({ show: 'choices' });
    openReasons();
    fireEvent.click(await screen.findByRole('button', { name: 'Delete choice' }));
    await waitFor(() => expect(text()).toContain('Choice deleted. The record keeps it.'));
    expect(await count('choice')).toBe(before - 1);
    const kept = await db.selectFrom('choice').select('id').execute();
    expect(kept.length).toBeGreaterThan(before);
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await count('choice')).toBe(before));
  });

  it('takes a note, removes one, and brings it back', async () => {
    const before = await count('note');
    const { text } = await logShown({ show: 'notes' });
    fireEvent.click(screen.getByRole('button', { name: 'Add note' }));
    await waitFor(() => expect(text()).toContain('Write the note first.'));
    fill('Write a note', 'Wind turned to north');
    fireEvent.click(screen.getByRole('button', { name: 'Add note' }));
    await waitFor(() => expect(text()).toContain('Note added.'));
    expect(await count('note')).toBe(before + 1);
    expect(text()).not.toContain('Write the note first.');
    fireEvent.click(screen.getByRole('button', { name: /^Delete the note: Loop groomed late/ }));
    await waitFor(() => expect(text()).toContain('Note deleted.'));
    expect(await count('note')).toBe(before);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await count('note')).toBe(before + 1));
  });

  it('keeps in the address what is searched and shown, once typing rests', async () => {
    await logShown({ show: 'notes' });
    fill('Find by word', 'wind  ');
    expect(replaced()).toEqual([]);
    await waitFor(() => expect(replaced()).toEqual([`/outing/${OUTING}/log?find=wind&show=notes`]));
    fireEvent.change(screen.getByLabelText('From'), { target: { value: 'here' } });
    expect(replaced().at(-1)).toBe(`/outing/${OUTING}/log?find=wind&show=notes&here=1`);
  });

  it('says that nothing matches, and keeps the search open', async () => {
    const { text } = await logShown({ find: 'no such wax' });
    expect(text()).toContain('Nothing in the log matches.');
    fill('Find by word', '');
    await waitFor(() => expect(replaced()).toEqual([`/outing/${OUTING}/log`]));
  });

  it('turns pages by links that keep the search', async () => {
    for (let i = 0; i < 45; i += 1) {
      await addNote(db, {
        id: `n${i}`,
        outingId: OUTING,
        words: `Corner ${i} is icy`,
        createdAt: new Date(Date.UTC(2027, 0, 1, 0, i)).toISOString(),
      });
    }
    const { text } = await logShown({ find: 'corn icy', page: '2' });
    expect(text()).toContain('Page 2 of 3');
    expect(text()).toContain('Corner 24 is icy');
    const older = screen.getByRole('link', { name: 'Older' });
    expect(older.getAttribute('href')).toBe(`/outing/${OUTING}/log?find=corn+icy&page=3`);
    expect(screen.getByRole('link', { name: 'Newer' }).getAttribute('href')).toBe(
      `/outing/${OUTING}/log?find=corn+icy`,
    );
  });
});

describe('an empty log', () => {
  it('says so and leads to the choice', async () => {
    const outing = await outingOf(db, OUTING);
    const { text } = show(
      <LogScreen
        outing={outing}
        outings={[outing]}
        view={viewOf({})}
        timeline={{ entries: [], count: 0 }}
        aPage={20}
        choice={undefined}
        outcomes={{ said: {}, asked: [] }}
        past={undefined}
      />,
    );
    expect(text()).toContain('Nothing chosen yet.');
    expect(
      screen.getByRole('link', { name: 'Choose a wax and save the choice' }).getAttribute('href'),
    ).toBe(`/outing/${OUTING}/pick`);
    expect(text()).toContain('tests and notes appear here');
    expect(screen.queryByLabelText('Find by word')).toBeNull();
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
  const rendered = (change: Partial<DoneJob> = {}) => jobSummary({ ...job, ...change });

  it('is told with time, steps, grams, early ends and what was left out', () => {
    const text = rendered();
    expect(text).toContain('Took 1 h 30 min');
    expect(text).toContain('11 of 12 steps');
    expect(text).toContain('4.3 g from the shelf');
    expect(text).toContain('1 wait ended early');
    expect(text).toContain('skipped ruby stone: edges are new');
  });

  it('leaves out what did not happen', () => {
    const text = rendered({ grams: 0, waitsEndedEarly: 0, skipped: [] });
    expect(text).toContain('12 of 12 steps');
    expect(text).not.toMatch(/from the shelf|early|skipped/);
  });

  it('counts more than one wait in the plural', () => {
    expect(rendered({ waitsEndedEarly: 3 })).toContain('3 waits ended early');
  });
});
