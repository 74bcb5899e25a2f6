import path from 'node:path';
import Database from 'better-sqlite3';
import { hashOf } from '@/formats/secrets';

/** Lets a script in as the host computer would, or the nth of several; gives the header that it sends. */
export function letIn(folder: string, role: 'works' | 'looks', nth = 0): { authorization: string } {
  const secret = `a-token-of-the-attack-that-${role}-and-is-long-enough-${nth}`;
  const db = new Database(path.join(folder, 'frost-pick.db'));
  db.prepare(
    `insert into device (id, kind, name, role, secret_hash, created_at)
     values (?, 'token', ?, ?, ?, '2027-01-13T12:00:00.000Z')`,
  ).run(`attack-${role}-${nth}`, `Attack ${nth}`, role, hashOf(secret));
  db.close();
  return { authorization: `Bearer ${secret}` };
}
