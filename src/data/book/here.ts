import { sql, type Kysely } from 'kysely';
import {
  bookKind,
  columnsOf,
  courseRecord,
  recordOf,
  rowFrom,
  segmentRowFrom,
  type BookName,
  type BookRecord,
} from '../../core/book';
import type { FrostDatabase } from '../database';
import { insertMany } from '../insert-many';
import { nextTurn } from '../next-turn';
import type { Tables } from '../schema';

type Row = Readonly<Record<string, unknown>>;
/** Any table by its name: what is handed on is declared in the core. */
type AnyTables = Record<string, Record<string, unknown>>;

const anyTable = (db: FrostDatabase) => db as unknown as Kysely<AnyTables>;

/** The keys of a record, joined. */
export const refOf = (name: BookName, record: Row): string =>
  bookKind(name)
    .keys.map((key) => String(record[key]))
    .join('|');

async function coursesHere(db: FrostDatabase, ids: readonly string[]): Promise<BookRecord[]> {
  const [venues, segments] = await Promise.all([
    db.selectFrom('venue').select(['id', 'course_version']).where('id', 'in', ids).execute(),
    db.selectFrom('segment').selectAll().where('venue_id', 'in', ids).orderBy('position').execute(),
  ]);
  return venues.map((venue) =>
    courseRecord(
      venue,
      segments.filter((one) => one.venue_id === venue.id),
    ),
  );
}

/** Those of some records that are here already, as they stand here, by their keys. */
export async function standingHere(
  db: FrostDatabase,
  name: BookName,
  records: readonly BookRecord[],
): Promise<Map<string, BookRecord>> {
  const valuesOf = (key: string) => [...new Set(records.map((record) => record[key]))];
  if (name === 'course') {
    const courses = await coursesHere(db, valuesOf('venue_id') as string[]);
    return new Map(courses.map((one) => [refOf(name, one), one]));
  }
  let query = anyTable(db)
    .selectFrom(name)
    .select(Object.keys(columnsOf(name)));
  // By every key: all hours of a station for each page of them would be read again and again.
  for (const key of bookKind(name).keys) query = query.where(key, 'in', valuesOf(key));
  const rows = await query.execute();
  return new Map(rows.map((row) => [refOf(name, row), recordOf(name, row)]));
}

async function writeCourse(db: FrostDatabase, record: BookRecord): Promise<void> {
  const venueId = String(record.venue_id);
  await db.deleteFrom('segment').where('venue_id', '=', venueId).execute();
  const segments = (record.segments as BookRecord[]).map((one, position) => ({
    ...segmentRowFrom(one),
    venue_id: venueId,
    position,
  }));
  await insertMany(db, 'segment', segments as never[]);
  await db
    .updateTable('venue')
    .set({ course_version: Number(record.course_version) })
    .where('id', '=', venueId)
    .execute();
}

/** Another record that stands here for the same thing; undefined for kinds that may have two of it. */
export async function singleHere(
  db: FrostDatabase,
  name: BookName,
  record: BookRecord,
): Promise<BookRecord | undefined> {
  const { single } = bookKind(name);
  if (!single) return undefined;
  let query = anyTable(db)
    .selectFrom(name)
    .select(Object.keys(columnsOf(name)));
  for (const column of single) query = query.where(column, '=', record[column]);
  const rows = await query.execute();
  const other = rows.find((row) => refOf(name, row) !== refOf(name, record));
  return other && recordOf(name, other);
}

/** Adds records of a kind; `pictureOf` gives the JPEG of a photo. */
export async function addHere(
  db: FrostDatabase,
  { name, pictureOf }: { name: BookName; pictureOf: (id: string) => Buffer },
  records: readonly BookRecord[],
): Promise<void> {
  if (name === 'course') {
    for (const record of records) await writeCourse(db, record);
    return;
  }
  const { hasPicture } = bookKind(name);
  const rows = records.map((record) => ({
    ...rowFrom(name, record),
    ...(hasPicture ? { jpeg: pictureOf(String(record.id)) } : {}),
  }));
  await insertMany(db, name as keyof Tables & string, rows as never[]);
}

/** Writes a record over the one of the same keys. */
export async function changeHere(
  db: FrostDatabase,
  name: BookName,
  record: BookRecord,
): Promise<void> {
  if (name === 'course') return writeCourse(db, record);
  let query = anyTable(db).updateTable(name).set(rowFrom(name, record));
  for (const key of bookKind(name).keys) query = query.where(key, '=', record[key]);
  await query.execute();
}

const keysOf = (name: BookName, ref: string) => {
  const values = ref.split('|');
  return bookKind(name).keys.map((key, i) => [key, values[i]] as const);
};

/** Those of some records, named by their keys, that are here, as they stand here. */
export const namedHere = (
  db: FrostDatabase,
  name: BookName,
  refs: readonly string[],
): Promise<Map<string, BookRecord>> =>
  standingHere(
    db,
    name,
    refs.map((ref) => Object.fromEntries(keysOf(name, ref))),
  );

/** The keys of those of some records that are here. */
export async function thoseHere(
  db: FrostDatabase,
  name: BookName,
  refs: readonly string[],
): Promise<string[]> {
  const here = await namedHere(db, name, refs);
  return refs.filter((ref) => here.has(ref));
}

/** Removes the record of these keys. */
export async function removeHere(db: FrostDatabase, name: BookName, ref: string): Promise<void> {
  let query = anyTable(db).deleteFrom(name);
  for (const [key, value] of keysOf(name, ref)) query = query.where(key, '=', value);
  await query.execute();
}

/** Records of a page, while others are served. */
const A_READ = 200;

/** All records of a kind that stand here, in pages, as this connection sees them. */
export async function* recordsHere(
  db: FrostDatabase,
  name: BookName,
): AsyncGenerator<readonly BookRecord[]> {
  if (name === 'course') {
    const venues = await db.selectFrom('venue').select('id').execute();
    yield venues.length === 0
      ? []
      : await coursesHere(
          db,
          venues.map(({ id }) => id),
        );
    return;
  }
  const columns = Object.keys(columnsOf(name));
  for (let after = -1; ;) {
    const rows = await anyTable(db)
      .selectFrom(name)
      .select([...columns, sql<number>`rowid`.as('row_number')])
      .where(sql<number>`rowid`, '>', after)
      .orderBy(sql`rowid`)
      .limit(A_READ)
      .execute();
    if (rows.length === 0) return;
    after = Number(rows.at(-1)!.row_number);
    yield rows.map((row) => recordOf(name, row));
    await nextTurn();
  }
}
