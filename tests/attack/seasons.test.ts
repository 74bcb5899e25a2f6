import { readFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeBigDatabase } from '../../bench/big-database';
import { freePort, freshFolder, startOwn, stopDemo, type Started } from '../browser/app';
import { ms, note, sideWaits } from './measure';

const [CHOICES, PHOTOS] = [10_000, 200];
const [MOST_WAIT_MS, MOST_MB] = [200, 700];
const MEGA = 1_000_000;

/** The most memory that a server and its threads have held so far, MB. */
function peakMb(app: Started): number {
  const children = readFileSync(`/proc/${app.child.pid}/task/${app.child.pid}/children`, 'utf8');
  const pids = [app.child.pid, ...children.trim().split(' ')];
  const peaks = pids.map((pid) => {
    const status = readFileSync(`/proc/${pid}/status`, 'utf8');
    return Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1000;
  });
  return Math.round(Math.max(...peaks));
}

/** Twenty seasons: the book of some, with more choices and photos. */
async function twentySeasons(folder: string): Promise<void> {
  await makeBigDatabase(folder);
  const side = { width: 640, height: 480, channels: 3 as const };
  const noise = { type: 'gaussian' as const, mean: 128, sigma: 40 };
  const jpeg = await sharp({ create: { ...side, background: '#888', noise } })
    .jpeg()
    .toBuffer();
  const db = new Database(path.join(folder, 'frost-pick.db'));
  const columns = (db.pragma('table_info(choice)') as { name: string }[]).map(({ name }) => name);
  const others = columns.filter((name) => name !== 'id').join(', ');
  const more = db.prepare(
    `insert into choice (id, ${others}) select ?, ${others} from choice where id = 'big-choice-1'`,
  );
  const photo = db.prepare(
    'insert into photo (id, reading_id, created_at, jpeg) values (?, ?, ?, ?)',
  );
  db.transaction(() => {
    const have = Number(db.prepare('select count(*) from choice').pluck().get());
    for (let i = have; i < CHOICES; i += 1) more.run(`more-choice-${i}`);
    for (let i = 0; i < PHOTOS; i += 1) {
      photo.run(`photo-${i}`, `big-reading-${i}`, '2027-01-13T12:00:00.000Z', jpeg);
    }
  })();
  db.close();
}

describe('the own book', () => {
  let [from, to] = [undefined as Started | undefined, undefined as Started | undefined];
  beforeAll(async () => {
    const folder = freshFolder();
    await twentySeasons(folder);
    from = await startOwn(await freePort(), folder);
    to = await startOwn(await freePort(), freshFolder());
  });
  afterAll(async () => {
    if (from) await stopDemo(from);
    if (to) await stopDemo(to);
  });

  it.each(['zip', 'json'] as const)('of twenty seasons comes back as %s', async (format) => {
    const began = performance.now();
    const answer = await fetch(`${from!.url}/api/v1/book?format=${format}`);
    const book = new Uint8Array(await answer.arrayBuffer());
    const out = performance.now() - began;
    const seen: unknown[] = [];
    const watch = setInterval(() => {
      void fetch(`${to!.url}/api/v1/book/progress?key=twenty-seasons-${format}`)
        .then((said) => said.json())
        .then(({ done }: { done: number | null }) => done !== null && seen.push(done));
    }, 250);
    let taken: Response | undefined;
    const waits = await sideWaits(`${to!.url}/api/v1/timers`, async () => {
      taken = await fetch(`${to!.url}/api/v1/book?do=import`, {
        method: 'POST',
        headers: {
          'content-type': format === 'zip' ? 'application/zip' : 'application/json',
          'idempotency-key': `twenty-seasons-${format}`,
        },
        body: book,
      });
    });
    clearInterval(watch);
    const into = performance.now() - began - out;
    const report = (await taken!.json()) as { kinds: { name: string; added: number }[] };
    const longest = Math.max(...waits);
    note(
      `twenty seasons as ${format}, ${(book.length / MEGA).toFixed(0)} MB`,
      `out in ${ms(out)}, in within ${ms(into)}; side request at most ${ms(longest)}; ${peakMb(to!)} MB held at most`,
    );
    const added = Object.fromEntries(report.kinds.map((one) => [one.name, one.added]));
    if (format === 'zip') expect(added).toMatchObject({ choice: CHOICES, photo: PHOTOS });
    else expect(added.choice).toBe(0);
    expect(seen.length).toBeGreaterThan(2);
  });
});

/** Bodies that are refused or do nothing, and want much of whoever looks at them. */
const WORST: [string, () => string][] = [
  ['450,000 removals', () => goneOf(450_000)],
  ['57 MB of empty lists', () => recordsOf(`[${'[],'.repeat(19 * MEGA)}[]]`)],
  ['57 MB of empty objects', () => recordsOf(`[${'{},'.repeat(19 * MEGA)}{}]`)],
  ['100 MB of one word', () => recordsOf(`[{"id":"${'x'.repeat(100 * MEGA)}"}]`)],
  ['unknown kinds of 100 MB', () => `{"x":[${'1,'.repeat(50 * MEGA)}1]}`],
];
const head = '"format":"frost-pick-book","version":1';
const recordsOf = (list: string) => `{${head},"records":{"note":${list}}}`;
const goneOf = (count: number) =>
  `{${head},"records":{},"gone":[${Array.from({ length: count }, (_, i) =>
    JSON.stringify({ kind: 'note', ref: `n-${i}`, gone_at: '2027-01-13T12:00:00Z', back_at: null }),
  ).join(',')}]}`;

it.each(WORST)('%s keep nobody waiting, and need little', async (what, make) => {
  const app = await startOwn(await freePort(), freshFolder());
  // What takes long here, or the first time, is not the server's.
  const body = Buffer.from(make());
  for (let times = 0; times < 5; times += 1) await fetch(`${app.url}/api/v1/timers`);
  const before = peakMb(app);
  let [status, took] = [0, 0];
  const waits = await sideWaits(`${app.url}/api/v1/timers`, async () => {
    const from = performance.now();
    const answer = await fetch(`${app.url}/api/v1/book?do=preview`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    status = answer.status;
    took = performance.now() - from;
  });
  const peak = peakMb(app);
  const longest = Math.max(...waits);
  note(
    `${what} as a book: answered ${status} in ${ms(took)}`,
    `side request at most ${ms(longest)}; ${before} to ${peak} MB held at most`,
  );
  await stopDemo(app);
  expect(status).toBeLessThan(500);
  expect(longest).toBeLessThan(MOST_WAIT_MS);
  expect(peak).toBeLessThan(MOST_MB);
});
