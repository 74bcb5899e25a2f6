import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { freePort, freshFolder, startDemo, stopDemo, type Started } from '../browser/app';
import { hostileRequests } from './hostile';
import { ms, note, quantile, sideWaits } from './measure';
import { TAKEN, WORST } from './worst';

let app: Started;
const at = (path: string) => `${app.url}${path}`;
const send = (path: string, type: string, body: string | Uint8Array<ArrayBuffer>) =>
  fetch(at(path), { method: 'POST', headers: { 'content-type': type }, body });

beforeAll(async () => {
  app = await startDemo(await freePort(), freshFolder());
  // To the end: a page comes in pieces, and its screen after its frame.
  for (const path of ['/outing/demo-relay/snow', '/api/v1/timers']) {
    await (await fetch(at(path))).arrayBuffer();
  }
});
afterAll(() => stopDemo(app));

describe('one request', () => {
  it('never keeps another waiting over 200 ms', async () => {
    let worst = 0;
    for (const [name, path, type, body] of WORST) {
      let [status, took] = [0, 0];
      const waits = await sideWaits(at('/api/v1/timers'), async () => {
        const from = performance.now();
        const answer = await send(path, type, body());
        status = answer.status;
        await answer.arrayBuffer();
        took = performance.now() - from;
      });
      const most = Math.max(...waits);
      worst = Math.max(worst, most);
      note(`${name}: answered ${status} in ${ms(took)}`, `side request at most ${ms(most)}`);
      expect(status, name).toBe(TAKEN.has(name) ? 200 : status);
      expect(status, name).toBeLessThan(500);
    }
    for (const path of ['/api/v1/readings?format=json', '/api/v1/products?format=csv']) {
      const work = async () => (await fetch(at(path))).arrayBuffer();
      const most = Math.max(...(await sideWaits(at('/api/v1/timers'), work)));
      worst = Math.max(worst, most);
      note(`${path}, handed out`, `side request at most ${ms(most)}`);
    }
    note('longest that any of them kept a small request waiting', ms(worst));
    expect(worst).toBeLessThan(200);
  });

  it('of six large photos at once takes little memory', async () => {
    const noise = await sharp({
      create: { width: 7000, height: 7000, channels: 3, background: '#899' },
    })
      .jpeg({ quality: 40 })
      .toBuffer();
    const photo = new Uint8Array(noise);
    const path = '/api/v1/readings/demo-reading-1/photo';
    let statuses: number[] = [];
    const waits = await sideWaits(at('/api/v1/timers'), async () => {
      const sent = Array.from({ length: 6 }, () => send(path, 'image/jpeg', photo));
      statuses = (await Promise.all(sent)).map(({ status }) => status);
    });
    expect(statuses).toEqual([200, 200, 200, 200, 200, 200]);
    note('six photos of 49 megapixels at once', `side request at most ${ms(Math.max(...waits))}`);
  });
});

describe('hostile requests', () => {
  it('are refused, and never answered with an error of the server', async () => {
    const bad: string[] = [];
    let count = 0;
    const ask = async (path: string, init: RequestInit = {}) => {
      count += 1;
      const answer = await fetch(at(path), { redirect: 'manual', ...init });
      await answer.arrayBuffer();
      if (answer.status >= 500) bad.push(`${init.method ?? 'GET'} ${path} ${answer.status}`);
      return answer.status;
    };
    for (const { path, ...init } of hostileRequests()) await ask(path, init);
    note(`hostile requests: ${count}`, `${bad.length} answered with an error of the server`);
    expect(bad).toEqual([]);
  });
});

describe('fifty clients without a pause', () => {
  it('are all answered, none after more than five seconds', async () => {
    const fresh = await startDemo(await freePort(), freshFolder());
    const at = (path: string) => `${fresh.url}${path}`;
    const paths = ['snow', 'pick', 'skis', 'bench', 'log', 'shelf', 'iron', 'settings'].flatMap(
      (screen) => [`/outing/demo-relay/${screen}`, `/outing/demo-slalom/${screen}`],
    );
    // Each screen has been seen before: the machine has compiled its code.
    for (const path of [...paths, ...paths]) await (await fetch(at(path))).arrayBuffer();
    const waits: number[] = [];
    let broken = 0;
    const statuses = new Map<number, number>();
    const untilMs = performance.now() + 20_000;
    const client = async (start: number) => {
      for (let i = start; performance.now() < untilMs; i += 1) {
        const from = performance.now();
        const answer = await fetch(at(paths[i % paths.length]!), {
          headers: { accept: 'text/html' },
          signal: AbortSignal.timeout(20_000),
        });
        const text = await answer.text();
        waits.push(performance.now() - from);
        if (answer.status === 200 && text.split('</html>').length !== 2) broken += 1;
        statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
      }
    };
    await Promise.all(Array.from({ length: 50 }, (_, i) => client(i)));
    await stopDemo(fresh);
    const [p50, p99, most] = [quantile(waits, 0.5), quantile(waits, 0.99), Math.max(...waits)];
    note(
      `50 clients, 20 s, ${waits.length} pages (${[...statuses].map(([code, n]) => `${n} × ${code}`).join(', ')})`,
      `median ${ms(p50)}, p99 ${ms(p99)}, longest ${ms(most)}`,
    );
    expect(broken).toBe(0);
    expect([...statuses.keys()]).toEqual([200]);
    expect(most).toBeLessThan(5000);
  });
});

it('a stop with open connections takes under a second', async () => {
  const other = await startDemo(await freePort(), freshFolder());
  const open = fetch(`${other.url}/outing/demo-relay/snow`).catch(() => undefined);
  const from = performance.now();
  expect(await stopDemo(other)).toBe(0);
  const took = performance.now() - from;
  await open;
  note('SIGTERM with open connections', `ended after ${ms(took)}`);
  expect(took).toBeLessThan(1000);
});
