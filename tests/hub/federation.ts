import { sql } from 'kysely';
import { expect } from 'vitest';
import { bookKind, BOOK_NAMES, type BookName } from '@/core/book';
import { COUNTERS } from '@/core/shared-book';
import type { FrostDatabase } from '@/data/database';
import {
  bookOf,
  exchange,
  held,
  listed,
  openColumns,
  settle,
  threeCabins,
  type Cabin,
} from './cabins';
import type { FakeHub } from './fake-hub';

type Row = Record<string, unknown>;
/** A number from 0 to under `below`. */
type Draw = (below: number) => number;

/** The generator of Park and Miller: the same edits for the same seed. */
function drawer(seed: number): Draw {
  let state = (seed * 48_271) % 2_147_483_647 || 1;
  return (below) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % below;
  };
}

const EDITED = BOOK_NAMES.filter((name) => name !== 'course' && openColumns(name).length > 0);
/** Kinds of which rows go for good. */
const REMOVABLE = ['product', 'ski_event', 'starter', 'weather', 'grip_note'] as const;

/** A value that somebody set and that the app said was kept. */
interface Acknowledged {
  kind: BookName;
  column: string;
  value: string;
}

/** One run: what was set, and what somebody knowingly set over. */
class Run {
  readonly set: Acknowledged[] = [];
  readonly over = new Set<string>();
  private readonly removed: { name: string; row: Row }[] = [];
  private count = 0;

  constructor(
    private readonly seed: number,
    private readonly draw: Draw,
  ) {}

  private pick = <T>(list: readonly T[]): T => list[this.draw(list.length)]!;

  private async someRow(db: FrostDatabase, name: string): Promise<Row | undefined> {
    const { rows } = await sql<Row>`select * from ${sql.table(name)} order by rowid`.execute(db);
    return rows.length === 0 ? undefined : this.pick(rows.slice(0, 3));
  }

  /** Every value is another one, so that it can be found again. */
  private nextText = () => `seed ${this.seed} edit ${(this.count += 1)}`;

  async edit({ db }: Cabin): Promise<void> {
    const name = this.pick(EDITED);
    const row = await this.someRow(db, name);
    if (!row) return;
    const [column, field] = this.pick(openColumns(name));
    if (COUNTERS.includes(column)) return;
    const isText = field.type === 'text';
    const other = await this.someRow(db, name);
    // Text is always new; all else is what another row has, null included.
    const value = isText ? this.nextText() : (other?.[column] ?? null);
    let update = sql`update ${sql.table(name)} set ${sql.ref(column)} = ${value}`;
    const { version } = bookKind(name);
    if (version !== undefined)
      update = sql`${update}, ${sql.ref(version)} = ${sql.ref(version)} + 1`;
    const keys = bookKind(name).keys.map((key) => sql`${sql.ref(key)} = ${row[key]}`);
    try {
      await sql`${update} where ${sql.join(keys, sql` and `)}`.execute(db);
    } catch {
      // What the database refuses was never acknowledged.
      return;
    }
    if (!isText) return;
    this.over.add(String(row[column]));
    this.set.push({ kind: name, column, value: value as string });
  }

  async remove({ db }: Cabin): Promise<void> {
    const name = this.pick(REMOVABLE);
    const row = await this.someRow(db, name);
    if (!row) return;
    await sql`delete from ${sql.table(name)} where rowid = (select rowid from ${sql.table(name)}
      where ${sql.join(
        bookKind(name).keys.map((key) => sql`${sql.ref(key)} = ${row[key]}`),
        sql` and `,
      )})`.execute(db);
    this.removed.push({ name, row });
    for (const value of Object.values(row)) this.over.add(String(value));
  }

  /** Puts back what was removed, here or in another cabin, where it is still gone. */
  async putBack({ db }: Cabin): Promise<void> {
    if (this.removed.length === 0) return;
    const { name, row } = this.pick(this.removed);
    const columns = Object.keys(row);
    await sql`insert or ignore into ${sql.table(name)} (${sql.join(columns.map((one) => sql.ref(one)))})
      values (${sql.join(Object.values(row))})`.execute(db);
  }

  async add({ db }: Cabin): Promise<void> {
    const name = this.pick(['note', 'ski_event', 'grip_note', 'starter', 'reading'] as const);
    const row = await this.someRow(db, name);
    if (!row) return;
    const made = { ...row, id: this.nextText().replaceAll(' ', '-') };
    const columns = Object.keys(made);
    try {
      await sql`insert into ${sql.table(name)} (${sql.join(columns.map((one) => sql.ref(one)))})
        values (${sql.join(Object.values(made))})`.execute(db);
    } catch {
      return;
    }
    this.set.push({ kind: name, column: 'id', value: made.id });
  }
}

/**
 * Three cabins, random edits of every kind, random partitions and orders: at the end their books are equal, and what was
 * acknowledged stands, was set over by somebody who knew of it, or is listed with both values.
 */
export async function runFederation(seed: number): Promise<void> {
  const { hub, cabins } = await threeCabins();
  const draw = drawer(seed);
  const run = new Run(seed, draw);
  try {
    for (let step = 0; step < 24; step += 1) {
      const cabin = cabins[draw(3)]!;
      const dice = draw(10);
      if (dice < 5) await run.edit(cabin);
      else if (dice < 6) await run.remove(cabin);
      else if (dice < 7) await run.putBack(cabin);
      else if (dice < 8) await run.add(cabin);
      else await exchange(hub, cabin);
    }
    await settle(hub, cabins);
    await expectEqual(seed, cabins, hub);
    await expectNothingLost(seed, cabins, run);
  } finally {
    for (const { db } of cabins) await db.destroy();
  }
}

async function expectEqual(seed: number, cabins: readonly Cabin[], hub: FakeHub): Promise<void> {
  const [first, ...others] = await Promise.all(cabins.map(bookOf));
  for (const other of others) expect({ seed, ...other }).toEqual({ seed, ...first });
  for (const cabin of cabins) expect([seed, await held(cabin)]).toEqual([seed, []]);
  // Nobody has more to say.
  const before = hub.parts.length;
  for (const cabin of cabins) await exchange(hub, cabin);
  expect([seed, hub.parts.length]).toEqual([seed, before]);
}

async function expectNothingLost(seed: number, cabins: readonly Cabin[], run: Run): Promise<void> {
  const book = JSON.stringify(await bookOf(cabins[0]!));
  const lists = (await Promise.all(cabins.map(listed))).join('\n');
  const lost = run.set.filter(
    ({ value }) => !book.includes(value) && !run.over.has(value) && !lists.includes(value),
  );
  expect([seed, lost]).toEqual([seed, []]);
}
