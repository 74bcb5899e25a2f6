import { expect, it } from 'vitest';
import { makeBigDatabase } from '../../bench/big-database';
import { recordsHere } from '@/data/book/here';
import { BOOK_NAMES } from '@/core/book';
import { openDatabase, type FrostDatabase } from '@/data/database';
import { linkHub } from '@/data/hub-link';
import { addNote } from '@/data/notes';
import type { HubClient } from '@/server/hub/hub-client';
import { syncOnce } from '@/server/hub/sync';
import { emptyHub, fakeClient, type FakeHub } from '../hub/fake-hub';
import { runFederation } from '../hub/federation';
import { migrated, temporaryFolder } from '../unit/temporary-database';
import { ms, note } from './measure';

const SEEDS = 500;
const A_DAY = 150;
const LOOK_MS = 500;

it('three cabins end with one book for 500 seeds, and nothing acknowledged is lost without being listed', async () => {
  const from = performance.now();
  for (let seed = 1; seed <= SEEDS; seed += 1) await runFederation(seed);
  note('federation', `${SEEDS} seeds equal, none lost, ${ms(performance.now() - from)}`);
});

/** What goes over the line, both ways. */
function counted(client: HubClient): { client: HubClient; bytes: () => number } {
  let bytes = 0;
  const entries = Object.entries(client).map(([name, route]) => [
    name,
    async (...asked: unknown[]) => {
      const answer = await (route as (...all: unknown[]) => Promise<unknown>)(...asked);
      bytes += JSON.stringify(asked).length + JSON.stringify(answer ?? null).length;
      return answer;
    },
  ]);
  return { client: Object.fromEntries(entries) as HubClient, bytes: () => bytes };
}

interface Cabin {
  name: string;
  db: FrostDatabase;
  session: number;
}

/** Bytes that are in use: exact with `NODE_OPTIONS=--expose-gc`, else with what waits to be collected. */
function inUse(): number {
  globalThis.gc?.();
  const { heapUsed, external } = process.memoryUsage();
  return heapUsed + external;
}

/** The most that is in use while something runs, beyond what was before. */
function watchMemory(): () => number {
  const before = inUse();
  let most = 0;
  const look = () => (most = Math.max(most, inUse() - before));
  const timer = setInterval(look, LOOK_MS);
  return () => {
    clearInterval(timer);
    return most;
  };
}

async function measured(hub: FakeHub, { name, db, session }: Cabin) {
  const { client, bytes } = counted(fakeClient(hub, name));
  const most = watchMemory();
  const from = performance.now();
  await syncOnce({ db, session, hub: client });
  const took = performance.now() - from;
  return { took, bytes: bytes(), grown: most() };
}

const rendered = ({ took, bytes, grown }: { took: number; bytes: number; grown: number }) =>
  `${ms(took)}, ${Math.round(bytes / 1000)} kB, ${Math.round(grown / 1e6)} MB more in use`;

it('a book of some seasons is handed on whole, a day of work in a second, a quiet minute for nearly nothing', async () => {
  const hub = emptyHub();
  const folder = temporaryFolder();
  await makeBigDatabase(folder);
  const a = { name: 'Alm', db: openDatabase(folder), session: 1 };
  const b = { name: 'Bach', db: await migrated(temporaryFolder()), session: 2 };
  for (const { db } of [a, b])
    await linkHub(db, { url: 'http://127.0.0.1:1', token: 'x'.repeat(43) });
  let count = 0;
  for (const name of BOOK_NAMES) {
    for await (const page of recordsHere(a.db, name)) count += page.length;
  }
  note('records of the book', String(count));
  note('joined and handed in', rendered(await measured(hub, a)));
  note('taken into an empty cabin', rendered(await measured(hub, b)));
  const outing = await a.db.selectFrom('outing').select('id').executeTakeFirstOrThrow();
  for (const { name, db } of [a, b]) {
    for (let i = 0; i < A_DAY; i += 1) {
      const id = `day-${name}-${i}`;
      const createdAt = new Date(Date.UTC(2027, 0, 14) + i * 1000).toISOString();
      await addNote(db, { id, outingId: outing.id, words: `Note ${i}`, createdAt });
    }
    await db
      .updateTable('ski')
      .set({ note: `of ${name}` })
      .execute();
  }
  const day = [await measured(hub, a), await measured(hub, b), await measured(hub, a)];
  note('a day of work at two cabins', day.map(rendered).join('; '));
  const quiet = await measured(hub, a);
  note('a quiet exchange', rendered(quiet));
  expect(quiet.bytes).toBeLessThan(2000);
  expect(day.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(2_000_000);
  for (const { db } of [a, b]) await db.destroy();
});
