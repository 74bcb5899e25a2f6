import { readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { openDatabase } from '@/data/database';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { textOf } from '@/formats/out-file';
import {
  bundleChild,
  copyOf,
  migrateOldWay,
  newFolder,
  oldDatabase,
  runChild,
  startOn,
} from './storage';

/** Moments of each kind of start; the long run (npm run attack) takes more. */
const MOMENTS = Number(process.env.FROST_PICK_MOMENTS ?? 3);
/** Of them, the very last statements of the start, one by one. */
const LAST = Math.min(6, MOMENTS - 2);
let child: string;
let whole: Awaited<ReturnType<typeof startOn>>;

beforeAll(async () => {
  child = await bundleChild('kill-child');
  whole = await startOn(newFolder());
});

/** Statements spread over a start, from its first to its last. */
function spread(folder: string, ...more: string[]): number[] {
  const far = 1_000_000;
  const { output } = runChild(child, folder, far, ...more);
  const all = far - Number(/left (\d+)/.exec(output)![1]);
  const even = Array.from(
    { length: MOMENTS - LAST },
    (_, i) => 1 + Math.round((i * (all - 1)) / (MOMENTS - LAST)),
  );
  // The last ones one by one: what is written after the great transaction is the easiest to lose.
  return [...even, ...Array.from({ length: LAST }, (_, i) => all - LAST + 1 + i)];
}

describe('a kill -9', () => {
  it('at any statement of a first start leaves a folder that starts again, whole', async () => {
    for (const at of spread(newFolder())) {
      const folder = newFolder();
      expect(runChild(child, folder, at).isKilled).toBe(true);
      expect(await startOn(folder), `statement ${at}`).toEqual(whole);
    }
  });

  it('at any statement of an upgrade leaves the old version or the new one, and every row', async () => {
    const old = await oldDatabase();
    for (const at of spread(copyOf(old))) {
      const folder = copyOf(old);
      expect(runChild(child, folder, at).isKilled).toBe(true);
      expect(await startOn(folder), `statement ${at}`).toEqual(whole);
      const copies = readdirSync(path.join(folder, 'backups'));
      expect(copies.filter((name) => name.includes('.unfinished'))).toEqual([]);
      expect(copies.length).toBeGreaterThan(0);
    }
  });
});

describe('a kill -9 while a book is taken in', () => {
  const bookOf = async (folder: string) => {
    const file = exportBook('json', folder);
    if (!file.ok) throw new Error(file.error.message);
    return textOf(file.value);
  };

  it('at any statement leaves the book before or all of it, and taken in again nothing is double', async () => {
    const [here, there] = [newFolder(), newFolder()];
    await startOn(here);
    await startOn(there);
    const db = openDatabase(there);
    const ski = await db.selectFrom('ski').selectAll().executeTakeFirstOrThrow();
    for (let i = 0; i < 60; i += 1) {
      await db
        .insertInto('ski')
        .values({ ...ski, id: `new-${i}`, name: `New ${i}` })
        .execute();
    }
    await db.updateTable('outing').set({ name: 'Changed there', version: 5 }).execute();
    await db.deleteFrom('ski_event').where('ski_id', '=', ski.id).execute();
    await db.destroy();
    const file = path.join(there, 'book.json');
    writeFileSync(file, await bookOf(there));
    const before = await bookOf(here);
    const done = copyOf(here);
    expect(runChild(child, done, 1_000_000, file).isKilled).toBe(false);
    const after = await bookOf(done);
    expect(after).not.toBe(before);
    for (const at of spread(copyOf(here), file)) {
      const folder = copyOf(here);
      expect(runChild(child, folder, at, file).isKilled).toBe(true);
      expect([before, after], `statement ${at}`).toContain(await bookOf(folder));
      runChild(child, folder, 1_000_000, file);
      expect(await bookOf(folder), `statement ${at}, again`).toBe(after);
    }
  });
});

describe('a database that the old way left half-migrated', () => {
  it('is recognised and finished, wherever the first start was interrupted', async () => {
    const all = (await migrateOldWay(newFolder(), '0004-skis-and-bench', 10_000)).statements;
    const step = Math.max(1, Math.floor(all / (2 * MOMENTS)));
    for (let at = 1; at < all; at += step) {
      const folder = newFolder();
      expect((await migrateOldWay(folder, '0004-skis-and-bench', at)).isWhole).toBe(false);
      expect(await startOn(folder), `statement ${at}`).toEqual(whole);
    }
  });

  it('keeps its rows when the last migration was interrupted', async () => {
    const old = await oldDatabase();
    for (let at = 1; at < 60; at += 7) {
      const folder = copyOf(old);
      await migrateOldWay(folder, '0005-safe-ground', at);
      expect(await startOn(folder), `statement ${at}`).toEqual(whole);
    }
  });
});
