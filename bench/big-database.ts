import { jobState } from '../src/core/bench';
import { listChoices } from '../src/data/choices';
import { openDatabase, type FrostDatabase } from '../src/data/database';
import { DEMO_LEARNERS } from '../src/data/demo/practice';
import { seedDemo } from '../src/data/demo/seed';
import { insertMany } from '../src/data/insert-many';
import { migrateStorage } from '../src/data/storage/migrate';
import { planSheet } from '../src/server/job/plan-sheet';

/** How large the big database is: some seasons of a busy cabin. */
export const BIG = {
  readings: 20_000,
  choices: 2000,
  skis: 500,
  events: 5000,
  jobs: 200,
  answers: 8000,
} as const;

const OPEN_JOBS = 10;
const HOUR_MS = 3_600_000;
const times = <T>(count: number, make: (i: number) => T): T[] =>
  Array.from({ length: count }, (_, i) => make(i));

async function rowOf<T extends 'reading' | 'choice' | 'ski' | 'drill_answer'>(
  db: FrostDatabase,
  table: T,
) {
  return (await db
    .selectFrom(table as 'ski')
    .selectAll()
    .executeTakeFirstOrThrow()) as never;
}

/** Fills a folder with the demo and, from its own rows, as much as {@link BIG} says. */
export async function makeBigDatabase(folder: string, now = new Date()): Promise<void> {
  const db = openDatabase(folder);
  await migrateStorage(db, folder, now);
  await seedDemo(db, now);
  const at = (hoursAgo: number) => new Date(now.getTime() - hoursAgo * HOUR_MS).toISOString();
  const reading: object = await rowOf(db, 'reading');
  const choice: object = await rowOf(db, 'choice');
  const ski: object = await rowOf(db, 'ski');
  const answer: object = await rowOf(db, 'drill_answer');
  const learners = DEMO_LEARNERS.map(({ id }) => id);
  const outings = ['demo-relay', 'demo-slalom', 'demo-tour'];
  const sheet = await planSheet(
    db,
    { outingId: 'demo-slalom', skiId: 'demo-ski-wessa-slalom' },
    now.getTime(),
  );
  if (!sheet.ok) throw new Error(sheet.error.message);
  const steps = sheet.value.sheet.steps;
  await db.transaction().execute(async (transaction) => {
    await insertMany(
      transaction,
      'reading',
      times(BIG.readings, (i) => ({
        ...reading,
        id: `big-reading-${i}`,
        outing_id: outings[i % 3]!,
        taken_at: at(2 + i / 4),
        created_at: at(2 + i / 4),
      })) as never[],
    );
    await insertMany(
      transaction,
      'choice',
      times(BIG.choices, (i) => ({
        ...choice,
        id: `big-choice-${i}`,
        outing_id: outings[i % 3]!,
        created_at: at(BIG.choices - i),
        note: `Note ${i}`,
      })) as never[],
    );
    await insertMany(
      transaction,
      'ski',
      times(BIG.skis, (i) => ({
        ...ski,
        id: `big-ski-${i}`,
        name: `Pair ${i}`,
      })) as never[],
    );
    await insertMany(
      transaction,
      'ski_event',
      times(BIG.events, (i) => ({
        id: `big-event-${i}`,
        ski_id: `big-ski-${i % BIG.skis}`,
        kind: i % 3 === 0 ? 'waxed' : 'kilometres',
        details: JSON.stringify(i % 3 === 0 ? { waxing: 'hot', coats: 1 } : { km: 12 }),
        at: at(BIG.events - i),
        job_id: null,
      })) as never[],
    );
    await insertMany(
      transaction,
      'job',
      times(BIG.jobs, (i) => ({
        id: `big-job-${i}`,
        outing_id: 'demo-slalom',
        ski_id: `big-ski-${i}`,
        choice_id: null,
        sheet: JSON.stringify(sheet.value.sheet),
        started_at: at(BIG.jobs - i + 2),
        ended_at: i < BIG.jobs - OPEN_JOBS ? at(BIG.jobs - i) : null,
        dropped_at: null,
      })) as never[],
    );
    await insertMany(
      transaction,
      'drill_answer',
      times(BIG.answers, (i) => ({
        ...answer,
        id: `big-answer-${i}`,
        learner_id: learners[i % learners.length]!,
        answered_at: at(BIG.answers - i),
      })) as never[],
    );
    await insertMany(
      transaction,
      'job_step',
      times(BIG.jobs, (i) =>
        steps.slice(0, i < BIG.jobs - OPEN_JOBS ? undefined : 2).map((step, position) => ({
          job_id: `big-job-${i}`,
          position,
          kind: step.kind,
          started_at: at(BIG.jobs - i + 2),
          due_at: null,
          least_at: null,
          ended_at: at(BIG.jobs - i + 1.9),
          outcome: 'done',
          skip_reason: null,
          set_c: null,
          grams: null,
        })),
      ).flat() as never[],
    );
  });
  const first = (await listChoices(db, undefined, 1))[0]!;
  if (!first || jobState(sheet.value.sheet, []).isDone) throw new Error('The fixture is empty.');
  await db.destroy();
}
