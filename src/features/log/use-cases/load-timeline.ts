import type { LogEntry, LogKind, LogMark, LogQuestion, LogContent, Outcome } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { countedTestsOf } from '@/data/glide-tests';
import { gripTestsOf } from '@/data/grip-tests';
import { doneJobsOf } from '@/data/jobs';
import { logChoicesOf } from '@/data/log-choices';
import { pageOfLog } from '@/data/log-entries';
import { notesOf } from '@/data/notes';
import { outcomesOf } from '@/data/outcomes';
import { readingsOfPhotos } from '@/data/photos';
import { readingsOf, sumOfImport } from '@/data/readings';
import { authorsOf, authorsOfImports, authorsOfJobs, type Authors } from '@/data/signatures';
import { skiEventsOf } from '@/data/ski-events';
import { skiNames } from '@/data/skis';

type Rendered = readonly (readonly [refId: string, rendered: LogContent])[];
type Ids = readonly string[];

/** How the rows that entries tell of are found, by kind, a page at a time. */
const TELL: Record<LogKind, (db: FrostDatabase, ids: Ids) => Promise<Rendered>> = {
  reading: async (db, ids) =>
    (await readingsOf(db, ids)).map((reading) => [reading.id, { kind: 'reading', reading }]),
  import: (db, ids) =>
    Promise.all(
      ids.map(async (id) => [id, { kind: 'import', ...(await sumOfImport(db, id)) }] as const),
    ),
  choice: async (db, ids) =>
    [...(await logChoicesOf(db, ids))].map(([id, choice]) => [id, { kind: 'choice', choice }]),
  job: async (db, ids) => (await doneJobsOf(db, ids)).map((job) => [job.id, { kind: 'job', job }]),
  test: async (db, ids) =>
    (await countedTestsOf(db, ids)).map(({ test, runs }) => [
      test.id,
      { kind: 'test', test, runs },
    ]),
  grip: async (db, ids) =>
    (await gripTestsOf(db, ids)).map((grip) => [grip.id, { kind: 'grip', grip }]),
  outcome: async (db, ids) =>
    (await outcomesOf(db, ids)).map((one) => [one.outcome.id, { kind: 'outcome', ...one }]),
  ski: async (db, ids) =>
    (await skiEventsOf(db, ids)).map((event) => [event.id, { kind: 'ski', event }]),
  note: async (db, ids) =>
    (await notesOf(db, ids)).map((note) => [note.id, { kind: 'note', note }]),
  photo: async (db, ids) =>
    [...(await readingsOfPhotos(db, ids))].map(([id, readingId]) => [
      id,
      { kind: 'photo', readingId },
    ]),
  ski_photo: async (_, ids) => ids.map((id) => [id, { kind: 'ski_photo' }]),
};

/** Whose hands wrote what entries tell of, by kind. */
const SIGNED: Record<LogKind, (db: FrostDatabase, ids: Ids) => Promise<Authors>> = {
  reading: (db, ids) => authorsOf(db, 'reading', ids),
  import: authorsOfImports,
  choice: (db, ids) => authorsOf(db, 'choice', ids),
  job: authorsOfJobs,
  test: (db, ids) => authorsOf(db, 'glide_test', ids),
  grip: (db, ids) => authorsOf(db, 'grip_test', ids),
  outcome: (db, ids) => authorsOf(db, 'outcome', ids),
  ski: (db, ids) => authorsOf(db, 'ski_event', ids),
  note: (db, ids) => authorsOf(db, 'note', ids),
  photo: (db, ids) => authorsOf(db, 'photo', ids),
  ski_photo: (db, ids) => authorsOf(db, 'ski_photo', ids),
};

/** A page of the log. */
export interface Timeline {
  entries: LogEntry[];
  /** How many entries there are in all. */
  count: number;
}

/** A page of the log with all that its entries tell; what is asked is asked once a kind. */
export async function loadTimeline(
  db: FrostDatabase,
  question: LogQuestion,
  said: Readonly<Record<string, Outcome>>,
): Promise<Timeline> {
  const { marks, count } = await pageOfLog(db, question);
  const byKind = new Map<LogKind, string[]>();
  for (const { kind, refId } of marks) byKind.set(kind, [...(byKind.get(kind) ?? []), refId]);
  const rendered = new Map<string, LogContent>();
  const hands = new Map<string, readonly string[]>();
  const pages = [...byKind].map(async ([kind, ids]) => {
    const [tales, signed] = await Promise.all([TELL[kind](db, ids), SIGNED[kind](db, ids)]);
    for (const [id, one] of tales) rendered.set(`${kind} ${id}`, one);
    for (const [id, names] of signed) hands.set(`${kind} ${id}`, names);
  });
  const skiIds = marks.flatMap(({ skiId }) => skiId ?? []);
  const [names] = await Promise.all([skiNames(db, skiIds), ...pages]);
  const entryOf = ({ kind, ...mark }: LogMark): LogEntry[] => {
    const key = `${kind} ${mark.refId}`;
    const one = rendered.get(key);
    if (!one) return [];
    const shared = { ...mark, hands: hands.get(key) };
    const skiName = mark.skiId === undefined ? undefined : names.get(mark.skiId);
    if (one.kind !== 'choice') return [{ ...shared, ...one, skiName }];
    return [{ ...shared, ...one, outcome: said[mark.refId] }];
  };
  return { entries: marks.flatMap(entryOf), count };
}
