// Opens a folder's database, brings it up to date and seeds it, or takes in a book; kills itself before the statement
// it is told. Run as: node kill-child.mjs FOLDER STATEMENT [BOOK]
import { readFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { openDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { mergeBook } from '@/data/book/merge-book';
import { migrateStorage } from '@/data/storage/migrate';
import { incoming } from '@/features/settings/use-cases/import-book';
import { readBook } from '@/formats/book/read';

const [folder = '', at = '', file] = process.argv.slice(2);
let left = Number(at);

const tick = () => {
  left -= 1;
  if (left === 0) process.kill(process.pid, 'SIGKILL');
};
const { prepare } = Database.prototype;
Database.prototype.prepare = function counted(this: Database.Database, sql: string) {
  const statement = prepare.call(this, sql);
  const { run, all } = statement;
  statement.run = (...args: never[]) => {
    tick();
    return run.apply(statement, args);
  };
  statement.all = (...args: never[]) => {
    tick();
    return all.apply(statement, args);
  };
  return statement;
} as typeof prepare;

const now = new Date('2027-01-13T12:00:00Z');
const db = openDatabase(folder);
if (file === undefined) {
  await migrateStorage(db, folder, now);
  await seedDemo(db, now);
} else {
  const book = await readBook(readFileSync(file));
  if (!book.ok) throw new Error(book.message);
  await mergeBook(db, incoming(book.value), new Set());
}
await db.destroy();
console.log(`statements left ${left}`);
