import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { DEMO_LEARNERS } from '@/data/demo/practice';
import { seedDemo } from '@/data/demo/seed';
import {
  addAnswer,
  addDispute,
  addLearner,
  findLearner,
  listAnswers,
  listDisputes,
  listLearners,
  removeLearner,
  settleDispute,
} from '@/data/practice';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { importBook } from '@/features/settings/use-cases/import-book';
import { bytesOf } from '@/formats/out-file';
import { migrated, temporaryFolder, writingTo } from './temporary-database';

const NOW = new Date('2027-01-13T12:00:00Z');
const AT = NOW.toISOString();
const [ILO, WESSA] = DEMO_LEARNERS;

interface Cabin {
  folder: string;
  db: FrostDatabase;
}

async function cabin(): Promise<Cabin> {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  await seedDemo(db, NOW);
  return { folder, db };
}

/** Takes the book of one cabin into another. */
async function hand(from: Cabin, to: Cabin): Promise<void> {
  const file = exportBook('json', from.folder);
  if (!file.ok) throw new Error(file.error.message);
  const book = await bytesOf(file.value);
  const done = await importBook(book, { theirs: new Set(), write: writingTo(to.db) });
  if (!done.ok) throw new Error(JSON.stringify(done.error));
}

const answer = (id: string, learnerId: string) => ({
  id,
  learnerId,
  drill: 'see' as const,
  topic: 'rust',
  seed: 3,
  answer: { kind: 'rust', first: 'edges', waxable: 'after_work' },
  quality: 1,
  mark: { quality: 1 },
  seconds: 12,
  answeredAt: AT,
});
const dispute = (id: string) => ({
  id,
  learnerName: 'Ilo',
  drill: 'pick' as const,
  topic: 'thaw',
  seed: 3,
  words: 'Nobody waxes for this.',
  disputedAt: AT,
});

let [mine, theirs] = [] as unknown as [Cabin, Cabin];
beforeEach(async () => {
  [mine, theirs] = [await cabin(), await cabin()];
});

describe('practice in two cabins', () => {
  it('hands on people, answers and disputes, each once', async () => {
    await addLearner(theirs.db, { id: 'learner-maro', name: 'Maro', createdAt: AT });
    await addAnswer(theirs.db, answer('answer-maro', 'learner-maro'));
    await addDispute(theirs.db, dispute('dispute-a'));
    await hand(theirs, mine);
    await hand(theirs, mine);
    expect((await listLearners(mine.db)).map(({ name }) => name)).toEqual(['Ilo', 'Maro', 'Wessa']);
    const [kept, ...more] = await listAnswers(mine.db, 'learner-maro');
    expect(more).toEqual([]);
    const { answer: _given, ...marked } = answer('answer-maro', 'learner-maro');
    expect(kept).toEqual(marked);
    expect(await listDisputes(mine.db)).toEqual([dispute('dispute-a')]);
  });

  it('does not bring back a person who was deleted, nor what was kept of them', async () => {
    expect(await removeLearner(mine.db, ILO.id)).toBe(true);
    expect(await removeLearner(mine.db, ILO.id)).toBe(false);
    await hand(theirs, mine);
    expect(await findLearner(mine.db, ILO.id)).toBeUndefined();
    expect(await listAnswers(mine.db, ILO.id)).toEqual([]);
    // And the other cabin forgets as well.
    await hand(mine, theirs);
    expect((await listLearners(theirs.db)).map(({ id }) => id)).toEqual([WESSA.id]);
    expect(await listAnswers(theirs.db, ILO.id)).toEqual([]);
    expect(await listAnswers(theirs.db, WESSA.id)).not.toEqual([]);
  });

  it('leaves answers of a deleted person that another cabin still writes without a name', async () => {
    await removeLearner(mine.db, ILO.id);
    await addAnswer(theirs.db, answer('answer-late', ILO.id));
    await hand(theirs, mine);
    expect((await listLearners(mine.db)).map(({ id }) => id)).toEqual([WESSA.id]);
    expect((await listAnswers(mine.db, ILO.id)).map(({ id }) => id)).toEqual(['answer-late']);
  });

  it('settles a dispute in both once one of them has settled it', async () => {
    await addDispute(theirs.db, dispute('dispute-a'));
    await hand(theirs, mine);
    expect(await settleDispute(mine.db, 'dispute-a', AT)).toBe(true);
    await hand(mine, theirs);
    expect((await listDisputes(theirs.db))[0]!.settledAt).toBe(AT);
    await addDispute(theirs.db, {
      ...dispute('dispute-b'),
      disputedAt: '2027-01-01T00:00:00.000Z',
    });
    // What is open stands first, whatever its age.
    expect((await listDisputes(theirs.db)).map(({ id }) => id)).toEqual(['dispute-b', 'dispute-a']);
  });
});
