import { sql } from 'kysely';
import { describe, expect, it } from 'vitest';
import { BOOK_NAMES } from '../../core/book';
import { documentOf } from '../../core/shared-book';
import { temporaryDatabase, DEMO_DAY } from '../../../tests/unit/temporary-database';
import { recordsHere, refOf } from '../book/here';
import { seedDemo } from '../demo/seed';
import { linkHub } from '../hub-link';

describe('what is written while there is a hub', () => {
  it('is noted by triggers, for every kind of the book, with the document in which it belongs', async () => {
    const db = await temporaryDatabase(false);
    await linkHub(db, { url: 'http://127.0.0.1:1', token: 'x'.repeat(43) });
    await seedDemo(db, DEMO_DAY);
    const rows = await db.selectFrom('shared_touched').selectAll().execute();
    const noted = new Map(rows.map(({ kind, ref, document }) => [`${kind} ${ref}`, document]));
    for (const name of BOOK_NAMES) {
      for await (const records of recordsHere(db, name)) {
        for (const record of records) {
          expect(noted.get(`${name} ${refOf(name, record)}`)).toBe(documentOf(name, record));
        }
      }
      const triggers = await sql<{ name: string }>`select name from sqlite_master
        where type = 'trigger' and name like ${`touch_${name}_%`}`.execute(db);
      expect([name, triggers.rows.length >= 3]).toEqual([name, true]);
    }
  });

  it('is not noted without one', async () => {
    const db = await temporaryDatabase(false);
    await seedDemo(db, DEMO_DAY);
    expect(await db.selectFrom('shared_touched').selectAll().execute()).toEqual([]);
  });
});
