import { copyFileSync, existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { copiesFolder, stampOf } from './copies';
import { checkpoint, markClosed } from './log-check';

/** Keeps a database's file and its log as they are, in a folder of their own among the copies; gives that folder. */
export function setAside(file: string, { folder, at }: { folder: string; at: Date }): string {
  const aside = path.join(copiesFolder(folder), `set-aside-${stampOf(at)}`);
  mkdirSync(aside, { recursive: true });
  for (const one of [file, `${file}-wal`]) {
    if (existsSync(one)) copyFileSync(one, path.join(aside, path.basename(one)));
  }
  return aside;
}

/** Brings what can be read of a database into its one file, which says from then on that it is whole. */
export function makeWholeAgain(file: string): void {
  const sqlite = new Database(file);
  try {
    markClosed(sqlite);
    checkpoint(sqlite);
  } finally {
    sqlite.close();
  }
}
