import { sql, type Insertable } from 'kysely';
import type { Ski } from '../core/ski';
import type { FrostDatabase } from './database';
import { eachInTurns } from './next-turn';
import type { SkiRow, SkiTable } from './schema';

const optional = <T>(value: T | null): T | undefined => value ?? undefined;

/** A pair as stored: each change raises its version. */
export interface KeptSki extends Ski {
  version: number;
  isRemoved: boolean;
}

const fromRow = (row: SkiRow): KeptSki => ({
  id: row.id,
  name: row.name,
  owner: row.owner,
  type: row.type,
  lengthCm: row.length_cm,
  waistMm: row.waist_mm,
  baseType: row.base_type,
  grindMm: optional(row.grind_mm),
  grindPattern: optional(row.grind_pattern),
  groundOn: optional(row.ground_on),
  baseBevelDeg: optional(row.base_bevel_deg),
  sideBevelDeg: optional(row.side_bevel_deg),
  hasBrakes: row.has_brakes === 1,
  purpose: row.purpose,
  note: optional(row.note),
  version: row.version,
  isRemoved: row.removed_at !== null,
});

const toRow = (ski: Ski): Insertable<SkiTable> & { id: string } => ({
  id: ski.id,
  name: ski.name,
  owner: ski.owner,
  type: ski.type,
  length_cm: ski.lengthCm,
  waist_mm: ski.waistMm,
  base_type: ski.baseType,
  grind_mm: ski.grindMm ?? null,
  grind_pattern: ski.grindPattern ?? null,
  ground_on: ski.groundOn ?? null,
  base_bevel_deg: ski.baseBevelDeg ?? null,
  side_bevel_deg: ski.sideBevelDeg ?? null,
  has_brakes: ski.hasBrakes ? 1 : 0,
  purpose: ski.purpose,
  note: ski.note ?? null,
});

/** Everything on the rack, by name. */
export async function listSkis(db: FrostDatabase): Promise<KeptSki[]> {
  const rows = await db
    .selectFrom('ski')
    .selectAll()
    .where('removed_at', 'is', null)
    .orderBy('name')
    .execute();
  return rows.map(fromRow);
}

/** One ski, on the rack or taken off it. */
export async function findSki(db: FrostDatabase, id: string): Promise<KeptSki | undefined> {
  const row = await db.selectFrom('ski').selectAll().where('id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** Adds skis, or changes those of the same id; one that was taken off stays off. */
export async function saveSkis(db: FrostDatabase, skis: readonly Ski[]): Promise<void> {
  await eachInTurns(skis, async (ski) => {
    const row = toRow(ski);
    await db
      .insertInto('ski')
      .values(row)
      .onConflict((conflict) =>
        conflict.column('id').doUpdateSet({ ...row, version: sql`ski.version + 1` }),
      )
      .execute();
  });
}

/** Takes a ski off the rack; its events and jobs stay. False when it is not there. */
export async function removeSki(db: FrostDatabase, id: string, at: string): Promise<boolean> {
  const done = await db
    .updateTable('ski')
    .set({ removed_at: at, version: sql`version + 1` })
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Puts a ski back on the rack; false when it is there. */
export async function restoreSki(db: FrostDatabase, id: string): Promise<boolean> {
  const done = await db
    .updateTable('ski')
    .set({ removed_at: null, version: sql`version + 1` })
    .where('id', '=', id)
    .where('removed_at', 'is not', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Keeps a photo of a ski. */
export async function addSkiPhoto(
  db: FrostDatabase,
  photo: { id: string; skiId: string; jpeg: Buffer; at: string },
): Promise<void> {
  await db
    .insertInto('ski_photo')
    .values({ id: photo.id, ski_id: photo.skiId, jpeg: photo.jpeg, created_at: photo.at })
    .execute();
}

/** Ids of the photos of a ski, oldest first. */
export async function listSkiPhotos(db: FrostDatabase, skiId: string): Promise<string[]> {
  const rows = await db
    .selectFrom('ski_photo')
    .select('id')
    .where('ski_id', '=', skiId)
    .orderBy('created_at')
    .execute();
  return rows.map((row) => row.id);
}

/** One photo as JPEG. */
export async function findSkiPhoto(db: FrostDatabase, id: string): Promise<Buffer | undefined> {
  const row = await db
    .selectFrom('ski_photo')
    .select('jpeg')
    .where('id', '=', id)
    .executeTakeFirst();
  return row?.jpeg;
}
