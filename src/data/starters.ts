import { SKIER_FIELDS, STARTER_FIELDS, type Skier, type Starter } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const skierOf = (row: object) => entityOf<Skier>(SKIER_FIELDS, row);
const starterOf = (row: object) => entityOf<Starter>(STARTER_FIELDS, row);

/** All skiers by name. */
export async function listSkiers(db: FrostDatabase): Promise<Skier[]> {
  return (await db.selectFrom('skier').selectAll().orderBy('name').execute()).map(skierOf);
}

/** Puts a skier on the list, or changes one. */
export async function saveSkier(db: FrostDatabase, skier: Skier): Promise<void> {
  const row = rowOf(SKIER_FIELDS, skier);
  await db
    .insertInto('skier')
    .values(row)
    .onConflict((conflict) => conflict.column('id').doUpdateSet(row))
    .execute();
}

/** Who is on an outing. */
export async function listStarters(db: FrostDatabase, outingId: string): Promise<Starter[]> {
  const query = db.selectFrom('starter').selectAll().where('outing_id', '=', outingId);
  return (await query.orderBy('id').execute()).map(starterOf);
}

/** One starter; undefined when gone. */
export async function findStarter(db: FrostDatabase, id: string): Promise<Starter | undefined> {
  const row = await db.selectFrom('starter').selectAll().where('id', '=', id).executeTakeFirst();
  return row && starterOf(row);
}

/** Puts somebody on an outing, or changes what they stand on. */
export async function saveStarter(db: FrostDatabase, starter: Starter): Promise<void> {
  const row = rowOf(STARTER_FIELDS, starter);
  await db
    .insertInto('starter')
    .values(row)
    .onConflict((conflict) => conflict.column('id').doUpdateSet(row))
    .execute();
}

/** Takes somebody off an outing; false when they are gone. */
export async function removeStarter(db: FrostDatabase, id: string): Promise<boolean> {
  const done = await db.deleteFrom('starter').where('id', '=', id).executeTakeFirst();
  return done.numDeletedRows > 0n;
}
