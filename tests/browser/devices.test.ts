import { readdirSync, readFileSync } from 'node:fs';
import { Agent } from 'node:https';
import path from 'node:path';
import { AxePuppeteer } from '@axe-core/puppeteer';
import { describe, expect, it } from 'vitest';
import { WRITES } from '@/core/model';
import { goTo, NARROW, openPage, press, textOf, typeInto, waitForText } from './app';
import { letIn } from '../attack/let-in';
import { askSecurely, cookieOf, pairDevice, showCode, withBeyond, type Answered } from './beyond';

const own = withBeyond();
const ask = (where: string, more = {}): Promise<Answered> =>
  askSecurely(own.folder, `${own.origin}${where}`, more);

/** Every page and route on the disk, with something in place of each parameter. */
const addresses = () =>
  readdirSync('app', { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
    .map((file) => `/${path.dirname(file)}`.replace('/.', '/').replace(/\[\w+\]/g, 'demo-tour'));

/** Every server action of the build, by its id, with its name. */
const actions = () => {
  const manifest = JSON.parse(
    readFileSync('.next/server/server-reference-manifest.json', 'utf8'),
  ) as { node: Record<string, { exportedName: string }> };
  return Object.entries(manifest.node).map(([id, { exportedName }]) => ({ id, exportedName }));
};

const METHODS = ['POST', 'PUT', 'PATCH', 'DELETE'];
const callOf = (id: string, args: unknown[] = ['key-of-a-stranger', 'demo-tour', {}]) => ({
  method: 'POST',
  headers: {
    'next-action': id,
    'content-type': 'text/plain;charset=UTF-8',
    accept: 'text/x-component',
  },
  body: JSON.stringify(args),
});

/** Other spellings that some reader of addresses takes for this one. */
const TRICKS: ((where: string) => string)[] = [
  (where) => `/_next/static/../..${where}`,
  (where) => `/_next/static/%2e%2e/%2E%2E${where}`,
  (where) => `/_next/static/.%2e/..${where}`,
  (where) => `/_next/static/..%2f..${where}`,
  (where) => `/_next/static/%2e%2e%2f%2e%2e${where}`,
  (where) => `/_next/static/%252e%252e/%252e%252e${where}`,
  (where) => `/_next/static/..\\..${where}`,
  (where) => `/_next/static/..%5c..${where}`,
  (where) => `/_next/static/..;/..;${where}`,
  (where) => `/_next/static//../..${where}`,
  (where) => `/icons/..${where}`,
  (where) => `/icons/x/../..${where}`,
  (where) => `/favicon.ico/..${where}`,
  (where) => `/pair/..${where}`,
  (where) => `/pair/%2e%2e${where}`,
  (where) => `/pair;/..${where}`,
  (where) => `/${where}`,
  (where) => `/.${where}`,
  (where) => `${where}/.`,
  (where) => `${where}/../pair/..${where}`,
  (where) => `${where};.js`,
  (where) => `${where}%00`,
  (where) => `${where}%09`,
  (where) => `${where}%0d%0a`,
  (where) => `${where}%3f`,
  (where) => `${where}%23`,
  (where) => `/\\${where}`,
  (where) => `http://127.0.0.2${where}`,
  (where) => `/x/../_next/static/../..${where}?format=zip`,
];

describe('who is not paired', () => {
  it('is answered 401 by every route and every action but the page of pairing', async () => {
    const all = addresses();
    expect(all.length).toBeGreaterThan(35);
    for (const where of all) {
      for (const method of ['GET', ...METHODS]) {
        if (where === '/pair' && (method === 'GET' || method === 'POST')) continue;
        const { status, body } = await ask(where, { method });
        expect([where, method, status]).toEqual([where, method, 401]);
        expect(JSON.parse(body)).toMatchObject({ code: 'not_paired' });
      }
    }
    const found = actions();
    expect(found.length).toBeGreaterThan(10);
    for (const { id } of found) {
      for (const where of ['/pair', '/quick']) {
        expect([id, (await ask(where, callOf(id))).status]).toEqual([id, 401]);
      }
    }
  });

  it('gets nowhere by another spelling of an address, nor does a device that only looks', async () => {
    const guest = letIn(own.folder, 'looks');
    const agent = new Agent({ keepAlive: true, maxSockets: 4, ca: readFileSync(own.authority) });
    const state = async () => [
      await (await fetch(`${own.app.url}/api/v1/season?format=csv`)).text(),
      // The daily copy comes by itself.
      readdirSync(own.folder, { recursive: true, encoding: 'utf8' })
        .filter((name) => !/backups($|.*-day-)/.test(name))
        .sort()
        .join(' '),
    ];
    const before = await state();
    const all = addresses().flatMap((where) => TRICKS.map((trick) => trick(where)));
    expect(all.length).toBeGreaterThan(1000);
    const odd: unknown[] = [];
    const send = async (path: string, method: string, headers: Record<string, string>) => {
      const { status, body } = await ask('/', { path, method, headers, agent });
      if (status !== 400) odd.push([path, method, headers === guest, status, body.slice(0, 80)]);
    };
    for (const path of all) {
      const ways = ['GET', 'HEAD', 'POST'].flatMap((method) => [
        send(path, method, {}),
        send(path, method, guest),
      ]);
      await Promise.all(ways);
    }
    agent.destroy();
    expect(odd).toEqual([]);
    expect(await state()).toEqual(before);
  });

  it('is led from http to https, and is known by no other name', async () => {
    const port = Number(new URL(own.app.url).port);
    const led = await fetch(`http://127.0.0.2:${port}/quick?a=1`, { redirect: 'manual' });
    expect(led.status).toBe(308);
    expect(led.headers.get('location')).toBe(`${own.origin}/quick?a=1`);
    const foreign = await ask('/pair', { headers: { host: 'evil.example' } });
    expect(foreign.status).toBe(421);
    const form = { 'content-type': 'application/x-www-form-urlencoded' };
    const fromElsewhere = await ask('/pair', {
      method: 'POST',
      headers: { ...form, origin: 'https://evil.example' },
      body: 'code=AAAAAAAA&name=x',
    });
    expect(fromElsewhere.status).toBe(403);
  });
});

describe('a device at the bench', () => {
  it('is paired with the code of the host, trusts it, works, and its name stands in the log', async () => {
    const { page, errors, host } = await pairDevice(own, { name: 'Bench tablet', role: 'Works' });
    await waitForText(host, '1 device is paired');
    expect(await textOf(host, 'device')).toContain('Bench tablet');
    // What needs a context that a browser trusts.
    const isTrusted = await page.evaluate(() => isSecureContext && 'serviceWorker' in navigator);
    expect(isTrusted).toBe(true);
    const cookies = await page.evaluate(() => document.cookie);
    expect(cookies).not.toContain('session');
    await goTo(page, `${own.origin}/outing/demo-tour/log`);
    await typeInto(page, 'Write a note', 'Skied in by the tablet');
    await press(page, 'Add note');
    await waitForText(page, 'by Bench tablet');
    expect(errors).toEqual([]);
  });

  it('sees within a moment what is done elsewhere, and loses nothing that is being typed', async () => {
    const { page } = await pairDevice(own, { name: 'Second tablet', role: 'Works' }, NARROW);
    const { page: host } = await openPage(own.host, `${own.app.url}/outing/demo-tour/log`);
    await goTo(page, `${own.origin}/outing/demo-tour/log`);
    const isLong = await page.evaluate(() => document.body.scrollHeight > 2 * innerHeight);
    expect(isLong).toBe(true);
    await typeInto(page, 'Write a note', 'Half a thought');
    await page.evaluate(() => scrollTo({ top: 700, behavior: 'instant' }));
    const read = await page.evaluateHandle(() => document.elementFromPoint(195, 300)!);
    await typeInto(host, 'Write a note', 'From the host');
    await press(host, 'Add note');
    await waitForText(page, 'From the host');
    const kept = await page.$eval('input[type="text"]', (field) => field.value);
    expect(kept).toBe('Half a thought');
    // A line came in above it: the browser scrolls along with what is read, or lets it move by that line.
    expect(await read.evaluate((one) => one.isConnected)).toBe(true);
    expect(await read.isIntersectingViewport()).toBe(true);
    expect(await page.evaluate(() => scrollY)).toBeGreaterThanOrEqual(700);
    // And the other way, with the snow that stands on every screen.
    const reading = 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00,-13.5,70\n';
    const saved = await ask('/api/v1/readings?outing=demo-tour', {
      method: 'POST',
      headers: { 'content-type': 'text/csv', ...(await cookieOf(page)) },
      body: reading,
    });
    expect(saved.status).toBe(200);
    await waitForText(host, '−13.5');
  });

  it('that may only look sees everything and changes nothing, by no action and no route', async () => {
    const { page } = await pairDevice(own, { name: 'Guest phone', role: 'Looks only' }, NARROW);
    await goTo(page, `${own.origin}/outing/demo-tour/log`);
    await waitForText(page, 'This device only looks: nothing you enter here is stored');
    await typeInto(page, 'Write a note', 'Must not be kept');
    await press(page, 'Add note');
    await waitForText(page, 'This device may only look.');
    const [session] = (await page.browserContext().cookies()).filter(({ httpOnly }) => httpOnly);
    const headers = { cookie: `${session!.name}=${session!.value}` };
    const book = async () =>
      (
        JSON.parse((await ask('/api/v1/book?format=json', { headers })).body) as {
          records: unknown;
        }
      ).records;
    const before = JSON.stringify(await book());
    const someArgs = [['key-of-a-guest', 'demo-tour', {}], [{ outingId: 'demo-tour' }], []];
    const ofWrites = Object.keys(WRITES).map((name) => [
      name,
      `by-a-guest-${name}`,
      { id: 'demo-tour' },
    ]);
    for (const { id, exportedName } of actions()) {
      for (const args of exportedName === 'act' ? ofWrites : someArgs) {
        const call = callOf(id, args);
        const { body } = await ask('/quick', { ...call, headers: { ...call.headers, ...headers } });
        // An answer of practice is marked for anybody, and kept for nobody.
        if (exportedName === 'act' && args[0] !== 'practice.answer') {
          expect(body).toContain('looks_only');
        }
      }
    }
    for (const where of addresses().filter((one) => one.startsWith('/api/'))) {
      for (const method of METHODS) await ask(where, { method, headers });
    }
    expect(JSON.stringify(await book())).toBe(before);
  });

  it('is turned away at once when it is revoked', async () => {
    const { page, host } = await pairDevice(own, { name: 'Lost phone', role: 'Works' });
    await waitForText(host, 'Lost phone');
    await press(host, 'Delete Lost phone');
    await press(host, 'Delete');
    await waitForText(host, 'Deleted: Lost phone.');
    const answer = await page.goto(`${own.origin}/quick`);
    expect(answer!.status()).toBe(401);
    await waitForText(page, 'This device is not paired with Frost Pick.');
    await Promise.all([page.waitForNavigation(), page.click('a')]);
    await waitForText(page, 'Pair this device');
  });

  it('the screens of devices and of pairing can be used by everybody', async () => {
    const { page: host } = await openPage(own.host, `${own.app.url}/devices`, NARROW);
    await showCode(host, 'Works');
    const { page } = await openPage(own.device, `${own.origin}/pair?no=wrong_code&name=x`, NARROW);
    for (const one of [host, page]) {
      const { violations } = await new AxePuppeteer(one).analyze();
      expect(violations.map(({ id }) => id)).toEqual([]);
      const width = await one.evaluate(() => document.documentElement.scrollWidth);
      expect(width).toBeLessThanOrEqual(NARROW.width);
    }
  });
});
