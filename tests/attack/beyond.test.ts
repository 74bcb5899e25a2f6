import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:https';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort, freshFolder, startDemoBeyond, stopDemo, type Started } from '../browser/app';
import { hostileRequests } from './hostile';
import { letIn } from './let-in';
import { ms, note } from './measure';
import { WORST } from './worst';

const ADDRESS = '127.0.0.2';
const PAUSE_MS = 5;
let app: Started;
let agent: Agent;
let port: number;
let guest: Record<string, string>;

interface Sent {
  method?: string;
  headers?: Record<string, string>;
  body?: string | Uint8Array;
}

/** Asks over the address beyond this machine; 0 where the connection was closed without an answer. */
const ask = (where: string, { method = 'GET', headers = {}, body }: Sent = {}) =>
  new Promise<{ status: number; text: string }>((resolve) => {
    const url = `https://${ADDRESS}:${port + 1}${where}`;
    const asked = request(url, { method, headers, agent }, (answer) => {
      let text = '';
      answer.setEncoding('utf8');
      answer.on('data', (piece) => (text += String(piece)));
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
      answer.on('error', () => resolve({ status: answer.statusCode ?? 0, text }));
    });
    asked.on('error', () => resolve({ status: 0, text: '' }));
    asked.end(body);
  });

/** How long a small request of a paired device takes meanwhile, ms: the longest. */
async function longestBeside(work: Promise<unknown>): Promise<number> {
  let isDone = false;
  const end = work.finally(() => {
    isDone = true;
  });
  let most = 0;
  do {
    const from = performance.now();
    await ask('/api/v1/timers', { headers: guest });
    most = Math.max(most, performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
  } while (!isDone);
  await end;
  return most;
}

beforeAll(async () => {
  port = await freePort();
  const folder = freshFolder();
  app = await startDemoBeyond(port, folder, ADDRESS);
  guest = letIn(folder, 'looks');
  const ca = readFileSync(path.join(folder, 'lan', 'authority.crt'));
  agent = new Agent({ keepAlive: true, maxSockets: 8, ca });
  await ask('/outing/demo-relay/snow', { headers: guest });
});
afterAll(async () => {
  agent.destroy();
  await stopDemo(app);
});

const book = async () => {
  const answer = await fetch(`${app.url}/api/v1/book?format=json`);
  return JSON.stringify(((await answer.json()) as { records: unknown }).records);
};

describe.each(['unpaired', 'looks only'] as const)('over the network, %s', (who) => {
  const own = () => (who === 'unpaired' ? {} : guest);

  it('the worst bodies change nothing and keep nobody waiting', async () => {
    const before = await book();
    let longest = 0;
    const answers = new Map<number, number>();
    for (const [, where, type, body] of WORST) {
      const headers = { ...own(), 'content-type': type };
      const work = ask(where, { method: 'POST', headers, body: body() }).then(({ status }) => {
        answers.set(status, (answers.get(status) ?? 0) + 1);
      });
      longest = Math.max(longest, await longestBeside(work));
    }
    // Refused before its body is read, a connection may be closed while it is still being sent.
    const rendered = [...answers].map(([status, count]) => `${count} × ${status || 'closed'}`);
    note(
      `worst bodies over the network, ${who}`,
      `${rendered.join(', ')}; side request at most ${ms(longest)}`,
    );
    if (who === 'unpaired')
      expect([...answers.keys()].sort()).toEqual(answers.has(0) ? [0, 401] : [401]);
    for (const status of answers.keys()) expect(status).toBeLessThan(500);
    expect(await book()).toBe(before);
    expect(longest).toBeLessThan(200);
  });

  it('hostile requests are refused, and change nothing', async () => {
    const before = await book();
    const answers = new Map<number, number>();
    for (const { path: where, headers, ...init } of hostileRequests()) {
      const { status } = await ask(where, { ...init, headers: { ...headers, ...own() } });
      answers.set(status, (answers.get(status) ?? 0) + 1);
    }
    const rendered = [...answers].sort().map(([status, count]) => `${count} × ${status}`);
    note(`hostile requests over the network, ${who}`, rendered.join(', '));
    for (const status of answers.keys()) expect(status).toBeLessThan(500);
    if (who === 'unpaired') {
      for (const status of answers.keys()) expect([400, 401, 403, 405]).toContain(status);
    }
    expect(await book()).toBe(before);
  });
});
