import { sql } from 'kysely';
import { describe, expect, it } from 'vitest';
import { temporaryDatabase, temporaryFolder } from '../../tests/unit/temporary-database';
import { openDatabase, type FrostDatabase } from './database';
import { APART, BOOK_TABLES } from './entities';
import { MIGRATIONS } from './migrations';
import { renewTriggers, TRIGGERS } from './triggers';

const namesOf = async (db: FrostDatabase, type: string) =>
  (
    await sql<{ name: string }>`select name from sqlite_master
      where type = ${type} and name not like 'sqlite_%' order by name`.execute(db)
  ).rows.map(({ name }) => name);

describe('the triggers of a database', () => {
  it('are those of the table of kinds after all migrations', async () => {
    const db = openDatabase(temporaryFolder());
    for (const name of Object.keys(MIGRATIONS).sort()) {
      await MIGRATIONS[name]!.up(db);
    }
    const before = await namesOf(db, 'trigger');
    // Migrations made all of them but one: tests of grip were never deleted.
    expect([...before, 'log_grip_gone'].sort()).toEqual([...TRIGGERS.keys()].sort());
    expect(await renewTriggers(db)).toBeGreaterThan(0);
    expect(await namesOf(db, 'trigger')).toEqual([...TRIGGERS.keys()].sort());
    expect(await renewTriggers(db)).toBe(0);
  });

  it('come back when one is missing, odd or of a version that is over', async () => {
    const db = await temporaryDatabase(false);
    await sql`drop trigger sign_note_insert`.execute(db);
    await sql`drop trigger gone_starter`.execute(db);
    await sql
      .raw('create trigger gone_starter after delete on starter begin select 1; end')
      .execute(db);
    await sql.raw('create trigger of_old after insert on note begin select 1; end').execute(db);
    // Two made anew, two odd ones taken away.
    expect(await renewTriggers(db)).toBe(4);
    expect(await namesOf(db, 'trigger')).toEqual([...TRIGGERS.keys()].sort());
  });

  it('leave out no table: each belongs to a book, or stands apart for a reason', async () => {
    const tables = (await namesOf(await temporaryDatabase(false), 'table')).filter(
      (name) => !/^(kysely_|log_text)/.test(name),
    );
    expect(tables).toEqual([...BOOK_TABLES, ...APART].sort());
  });
});
