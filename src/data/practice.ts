import { sql } from 'kysely';
import {
  DISPUTE_FIELDS,
  DRILL_ANSWER_FIELDS,
  LEARNER_FIELDS,
  type Dispute,
  type DrillAnswer,
  type Learner,
} from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** Everybody who practises here, by name. */
export async function listLearners(db: FrostDatabase): Promise<Learner[]> {
  const rows = await db.selectFrom('learner').selectAll().orderBy('name').orderBy('id').execute();
  return rows.map((row) => entityOf<Learner>(LEARNER_FIELDS, row));
}

export async function findLearner(db: FrostDatabase, id: string): Promise<Learner | undefined> {
  const row = await db.selectFrom('learner').selectAll().where('id', '=', id).executeTakeFirst();
  return row && entityOf<Learner>(LEARNER_FIELDS, row);
}

export async function addLearner(db: FrostDatabase, learner: Learner): Promise<void> {
  await db.insertInto('learner').values(rowOf(LEARNER_FIELDS, learner)).execute();
}

/** Removes a person with everything that was kept of them. */
export async function removeLearner(db: FrostDatabase, id: string): Promise<boolean> {
  await db.deleteFrom('drill_answer').where('learner_id', '=', id).execute();
  const done = await db.deleteFrom('learner').where('id', '=', id).executeTakeFirst();
  return done.numDeletedRows > 0n;
}

/** An answer without what was done: what progress needs of it. */
export type MarkedAnswer = Omit<DrillAnswer, 'answer'>;

const COLUMNS = [
  'id',
  'learner_id',
  'drill',
  'topic',
  'seed',
  'past_id',
  'quality',
  'mark',
  'seconds',
  'answered_at',
] as const;
const { answer: _answer, ...MARKED_FIELDS } = DRILL_ANSWER_FIELDS;

/** How a person did in a drill of late. */
export interface RecentAnswers {
  learnerId: string;
  drill: string;
  /** Of the last answers, the oldest first. */
  qualities: number[];
  /** Of all answers. */
  answers: number;
  lastAt: string;
}

/** The last `most` answers of everybody in each drill. */
export async function recentAnswers(db: FrostDatabase, most: number): Promise<RecentAnswers[]> {
  const ranked = db
    .selectFrom('drill_answer')
    .select([
      'learner_id',
      'drill',
      'quality',
      'answered_at',
      sql<number>`row_number() over (partition by learner_id, drill order by answered_at desc, id desc)`.as(
        'place',
      ),
      sql<number>`count(*) over (partition by learner_id, drill)`.as('answers'),
    ])
    .as('ranked');
  const rows = await db
    .selectFrom(ranked)
    .selectAll()
    .where('place', '<=', most)
    .orderBy('learner_id')
    .orderBy('drill')
    .orderBy('place', 'desc')
    .execute();
  const found = new Map<string, RecentAnswers>();
  for (const { learner_id: learnerId, drill, quality, answers, answered_at: lastAt } of rows) {
    const key = `${learnerId} ${drill}`;
    const one = found.get(key) ?? { learnerId, drill, qualities: [], answers, lastAt };
    one.qualities.push(quality);
    found.set(key, { ...one, lastAt });
  }
  return [...found.values()];
}

/** Answers of one person, or of all, the oldest first. */
export async function listAnswers(db: FrostDatabase, learnerId?: string): Promise<MarkedAnswer[]> {
  let query = db.selectFrom('drill_answer').select([...COLUMNS]);
  if (learnerId !== undefined) query = query.where('learner_id', '=', learnerId);
  const rows = await query.orderBy('answered_at').orderBy('id').execute();
  return rows.map((row) => entityOf<MarkedAnswer>(MARKED_FIELDS, row));
}

export async function addAnswer(db: FrostDatabase, answer: DrillAnswer): Promise<void> {
  await db.insertInto('drill_answer').values(rowOf(DRILL_ANSWER_FIELDS, answer)).execute();
}

/** Disputed answers, those still open first, the newest first. */
export async function listDisputes(db: FrostDatabase): Promise<Dispute[]> {
  const rows = await db
    .selectFrom('dispute')
    .selectAll()
    .orderBy((order) => order.case().when('settled_at', 'is', null).then(0).else(1).end())
    .orderBy('disputed_at', 'desc')
    .execute();
  return rows.map((row) => entityOf<Dispute>(DISPUTE_FIELDS, row));
}

export async function addDispute(db: FrostDatabase, dispute: Dispute): Promise<void> {
  await db.insertInto('dispute').values(rowOf(DISPUTE_FIELDS, dispute)).execute();
}

/** Settles a dispute at a time; false where there is none that is open. */
export async function settleDispute(
  db: FrostDatabase,
  id: string,
  settledAt: string,
): Promise<boolean> {
  const done = await db
    .updateTable('dispute')
    .set({ settled_at: settledAt })
    .where('id', '=', id)
    .where('settled_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}
