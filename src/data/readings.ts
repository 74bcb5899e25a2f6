import { sql } from 'kysely';
import type { HandHardness } from '../core/terms';
import type { SnowConditions } from '../core/wax';
import { inTransaction, type FrostDatabase } from './database';
import { insertMany } from './insert-many';
import { inPages } from './pages';
import type { NewReading, ReadingRow } from './schema';

/** A reading as it stands: the latest correction of it, when there was one. */
export interface Reading extends SnowConditions {
  id: string;
  outingId: string;
  takenAt: string;
  source: string;
  temperatureSdC: number;
  handHardness?: HandHardness;
  hasPhoto?: boolean;
  spot?: string;
  note?: string;
  importId?: string;
  correctsId?: string;
  createdAt: string;
}

const optional = <T>(value: T | null): T | undefined => value ?? undefined;

const fromRow = (row: ReadingRow): Reading => ({
  id: row.id,
  outingId: row.outing_id,
  takenAt: row.taken_at,
  source: row.source,
  temperatureC: row.snow_temperature_c,
  temperatureSdC: row.snow_temperature_sd_c,
  airTemperatureC: optional(row.air_temperature_c),
  humidityFraction: row.humidity_fraction,
  origin: row.origin,
  grain: optional(row.grain),
  sharpness: optional(row.sharpness),
  wetness: row.wetness,
  dirt: row.dirt,
  glazed: row.glazed === 1,
  handHardness: optional(row.hand_hardness),
  spot: optional(row.spot),
  note: optional(row.note),
  importId: optional(row.import_id),
  correctsId: optional(row.corrects_id),
  createdAt: row.created_at,
});

const toRow = (reading: Reading): NewReading => ({
  id: reading.id,
  outing_id: reading.outingId,
  taken_at: reading.takenAt,
  source: reading.source,
  snow_temperature_c: reading.temperatureC,
  snow_temperature_sd_c: reading.temperatureSdC,
  air_temperature_c: reading.airTemperatureC ?? null,
  humidity_fraction: reading.humidityFraction,
  origin: reading.origin,
  grain: reading.grain ?? null,
  sharpness: reading.sharpness ?? null,
  wetness: reading.wetness,
  dirt: reading.dirt,
  glazed: reading.glazed ? 1 : 0,
  hand_hardness: reading.handHardness ?? null,
  spot: reading.spot ?? null,
  note: reading.note ?? null,
  import_id: reading.importId ?? null,
  corrects_id: reading.correctsId ?? null,
  withdrawn: 0,
  created_at: reading.createdAt,
});

/** Rows that no later row corrects or withdraws. */
const standing = (db: FrostDatabase) =>
  db
    .selectFrom('reading')
    .selectAll()
    .where('withdrawn', '=', 0)
    .where(({ not, exists, selectFrom }) =>
      not(
        exists(
          selectFrom('reading as later')
            .select('later.id')
            .whereRef('later.corrects_id', '=', 'reading.id'),
        ),
      ),
    );

/** The order in which rows came in, whatever the clock said. */
const IN_ORDER = sql<number>`reading.rowid`;

/** Readings that stand, latest first; of one outing, or of all; up to `most` of them. */
export async function listReadings(
  db: FrostDatabase,
  outingId?: string,
  most?: number,
): Promise<Reading[]> {
  let query = standing(db).orderBy('taken_at', 'desc').orderBy(IN_ORDER, 'desc');
  if (outingId !== undefined) query = query.where('outing_id', '=', outingId);
  if (most !== undefined) query = query.limit(most);
  return (await query.execute()).map(fromRow);
}

/** A reading that stands, by its id. */
export async function findReading(db: FrostDatabase, id: string): Promise<Reading | undefined> {
  const row = await standing(db).where('reading.id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** All readings that stand, latest first, in pages; of one outing, or of all. */
export function pagesOfReadings(
  db: FrostDatabase,
  outingId?: string,
): AsyncGenerator<readonly Reading[]> {
  const ordered = () =>
    standing(db).orderBy('taken_at', 'desc').orderBy(IN_ORDER, 'desc').clearSelect().select('id');
  return inPages(
    async () => {
      const query =
        outingId === undefined ? ordered() : ordered().where('outing_id', '=', outingId);
      return (await query.execute()).map((row) => row.id);
    },
    async (ids) => {
      const rows = await db.selectFrom('reading').selectAll().where('id', 'in', ids).execute();
      const byId = new Map(rows.map((row) => [row.id, row]));
      return ids.map((id) => fromRow(byId.get(id)!));
    },
  );
}

/** Adds readings, all or none. A row may name the one it corrects. */
export async function addReadings(db: FrostDatabase, readings: readonly Reading[]): Promise<void> {
  const rows = readings.map(toRow);
  await inTransaction(db, (transaction) => insertMany(transaction, 'reading', rows));
}
