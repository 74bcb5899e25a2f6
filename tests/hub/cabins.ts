import { cpSync } from 'node:fs';
import { sql } from 'kysely';
import { BOOK_NAMES, bookKind, columnsOf, type BookName } from '@/core/book';
import type { Field } from '@/core/model';
import { fixedColumns, PARTED } from '@/core/shared-book';
import { openDatabase, type FrostDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { hubDecisions } from '@/data/hub-decided';
import { linkHub } from '@/data/hub-link';
import { recordsHere, refOf } from '@/data/book/here';
import { heldBack } from '@/data/shared-book/held';
import { syncOnce } from '@/server/hub/sync';
import { DEMO_DAY, migrated, temporaryFolder } from '../unit/temporary-database';
import { copyOf, emptyHub, fakeClient, type FakeHub } from './fake-hub';

/** A cabin of a federation over a hub in memory. */
export interface Cabin {
  name: string;
  db: FrostDatabase;
  session: number;
}

const NAMES = ['Alm', 'Bach', 'Cort'];

export const exchange = (hub: FakeHub, { name, db, session }: Cabin) =>
  syncOnce({ db, session, hub: fakeClient(hub, name) });

/** Exchanges until nobody has anything new. */
export async function settle(hub: FakeHub, cabins: readonly Cabin[]): Promise<void> {
  for (let round = 0; round < 12; round += 1) {
    let came = 0;
    const before = hub.parts.length;
    for (const one of cabins) came += (await exchange(hub, one)) ?? 0;
    if (came === 0 && hub.parts.length === before) return;
  }
  throw new Error('They never agree.');
}

/** Everything that stands in the book of a cabin, in the order of its keys. */
export async function bookOf({ db }: Pick<Cabin, 'db'>): Promise<Record<string, string[]>> {
  const book: Record<string, string[]> = {};
  for (const name of BOOK_NAMES) {
    const lines: string[] = [];
    for await (const records of recordsHere(db, name)) {
      lines.push(...records.map((one) => `${refOf(name, one)} ${JSON.stringify(one)}`));
    }
    book[name] = lines.sort();
  }
  return book;
}

let made: Promise<{ folders: string[]; hub: FakeHub }> | undefined;

/** Three cabins that have agreed on the demo, made once. */
async function make(): Promise<{ folders: string[]; hub: FakeHub }> {
  const hub = emptyHub();
  const folders = NAMES.map(() => temporaryFolder());
  const cabins: Cabin[] = [];
  for (const [i, folder] of folders.entries()) {
    const db = await migrated(folder);
    if (i === 0) {
      await seedDemo(db, DEMO_DAY);
      // Enough for every step of a plan: most hours of weather are like the others.
      await db.deleteFrom('weather').where('time', '>', '2027-01-13T18:00').execute();
      await db.deleteFrom('gone').execute();
    }
    await linkHub(db, { url: 'http://127.0.0.1:1', token: 'x'.repeat(43) });
    cabins.push({ name: NAMES[i]!, db, session: i + 1 });
  }
  await settle(hub, cabins);
  for (const { db } of cabins) {
    await sql`pragma wal_checkpoint(truncate)`.execute(db);
    await db.destroy();
  }
  return { folders, hub };
}

let sessions = 100;

/** Three cabins that have agreed on the demo, each with an app that was just started, and their hub. */
export async function threeCabins(): Promise<{ hub: FakeHub; cabins: Cabin[] }> {
  made ??= make();
  const { folders, hub } = await made;
  const cabins = folders.map((from, i) => {
    const folder = temporaryFolder();
    cpSync(from, folder, { recursive: true });
    return { name: NAMES[i]!, db: openDatabase(folder), session: (sessions += 1) };
  });
  return { hub: copyOf(hub), cabins };
}

/** All values that a cabin has listed as set by two at once. */
export async function listed({ db }: Cabin): Promise<string> {
  return JSON.stringify(await hubDecisions(db));
}

export const held = ({ db }: Cabin) => heldBack(db);

/** Columns of a kind that a person may change, each with its field. */
export function openColumns(name: BookName): [string, Field][] {
  const { keys } = bookKind(name);
  const parting = PARTED[name];
  const fixed = new Set([
    ...keys,
    ...fixedColumns(name),
    ...(parting ? Object.values(parting) : []),
  ]);
  return Object.entries(columnsOf(name)).filter(([column]) => !fixed.has(column));
}
