import { AsyncLocalStorage } from 'node:async_hooks';
import { statSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { database } from '@/data/process-database';
import { listDevices } from '@/data/devices';
import { authorsOf, authorsOfImports, authorsOfJobs } from '@/data/signatures';
import { seedDemo } from '@/data/demo/seed';
import { openPage, readBook } from '@/formats/book/read';
import { bytesOf } from '@/formats/out-file';
import { callerNow, looksOnly, runAs, STRANGER, type Caller } from '@/server/caller';
import { callersDatabase } from '@/server/callers-database';
import { live } from '@/server/live';
import { GET as liveRoute } from '../../app/api/v1/live/route';
import { GET as readingsRoute } from '../../app/api/v1/readings/route';
import { performWrite } from '@/server/write';
import { Door, door } from '@/server/door/door';
import { keepRevoked } from '@/server/door/revocations';
import { CODE_LIVES_MS, isCode, newPairingCode } from '@/server/door/pairing-code';
import { receive } from '@/server/door/reception';
import { loadTimeline } from '@/features/log/use-cases/load-timeline';
import { writeNote } from '@/features/log/use-cases/write-note';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { inviteAction, makeTokenAction, openCodeAction } from '@/features/devices/actions';
import { loadDevices } from '@/features/devices/use-cases/load-devices';
import { migrated, temporaryFolder } from './temporary-database';
import { act } from '@/writes/act';
import { shared } from '@/core/shared';

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));

const NOW = new Date('2027-01-13T12:00:00Z');
const DONE = { ok: true, value: null } as const;
const TABLET: Caller = { door: 'beyond', id: 'tablet', name: 'Bench tablet', role: 'works' };
const GUEST: Caller = { door: 'beyond', id: 'guest', name: 'Guest', role: 'looks' };
let folder: string;
let server: Server;
let origin: string;
/** Who the app was told asks, with the headers that reached it. */
let served: { caller: Caller; role: string; headers: Record<string, unknown> }[] = [];

beforeAll(async () => {
  folder = temporaryFolder();
  process.env.FROST_PICK_DATA = folder;
  const db = await migrated(folder);
  await seedDemo(db, NOW);
  // One that is left to the collector is closed some time later, and takes the log of the others with it.
  await db.destroy();
  server = createServer((asked, answer) => {
    void receive(asked, answer, async ({ role }) => {
      served.push({ caller: callerNow(), role, headers: { ...asked.headers } });
      answer.end('served');
    }).catch((error: unknown) => answer.writeHead(500).end(String(error)));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => server.close());
beforeEach(() => {
  served = [];
  // Each test begins without wrong codes of the one before.
  shared.door = new Door();
});

const ask = (path: string, { headers = {}, ...more }: RequestInit = {}) =>
  fetch(`${origin}${path}`, { redirect: 'manual', headers, ...more });
let count = 0;
const pairWith = (code: string, name = `Phone ${(count += 1)}`) =>
  ask('/pair', { method: 'POST', body: new URLSearchParams({ code, name }) });

/** Pairs a device; gives the header that it sends from then on. */
async function paired(role: 'works' | 'looks' = 'works', name?: string) {
  const { code } = door().openCode(role);
  const answer = await pairWith(code, name);
  const cookie = answer.headers.get('set-cookie')!;
  return { answer, cookie, headers: { cookie: cookie.split(';')[0]! } };
}

describe('a pairing code', () => {
  it('is taken as people type it, for five minutes', () => {
    const code = newPairingCode('works', 0);
    expect(code.code).toMatch(/^[A-HJKMNP-Z2-9]{8}$/);
    const spelled = `${code.code.slice(0, 4).toLowerCase()} - ${code.code.slice(4)}`;
    expect(isCode(code, spelled, CODE_LIVES_MS - 1)).toBe(true);
    expect(isCode(code, code.code, CODE_LIVES_MS)).toBe(false);
    expect(isCode(code, `${code.code}X`, 0)).toBe(false);
    expect(isCode(code, code.code.slice(0, 7), 0)).toBe(false);
    expect(isCode(code, '', 0)).toBe(false);
  });

  it('lets one device in, with a sealed cookie that only its own pages send', async () => {
    const { code } = door().openCode('works');
    const first = await pairWith(code);
    expect(first.status).toBe(303);
    expect(first.headers.get('location')).toBe('/');
    const cookie = first.headers.get('set-cookie')!;
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/Secure/);
    expect(cookie).toMatch(/SameSite=Strict/i);
    const again = await pairWith(code, 'Another');
    expect(again.headers.get('location')).toContain('no=wrong_code');
    expect(again.headers.get('set-cookie')).toBeNull();
  });

  it('is void when another one is shown, and wants a name', async () => {
    const { code: before } = door().openCode('works');
    const { code } = door().openCode('works');
    expect((await pairWith(before)).headers.get('location')).toContain('no=wrong_code');
    const nameless = (await pairWith(code, ' \u0000 ')).headers.get('location');
    expect(nameless).toContain('no=no_name');
    expect((await pairWith(code)).headers.get('location')).toBe('/');
  });

  const why = (answer: Response) => /no=(\w+)/.exec(answer.headers.get('location')!)?.[1];

  it('cannot be tried more than five times; the next one can', async () => {
    const { code } = door().openCode('works');
    const whys = [];
    for (let tries = 0; tries < 6; tries += 1) whys.push(why(await pairWith('ABCDEFGH')));
    expect(whys).toEqual([...Array<string>(4).fill('wrong_code'), 'too_many', 'too_many']);
    // The right one comes too late as well.
    expect(why(await pairWith(code))).toBe('too_many');
    const { code: next } = door().openCode('works');
    expect((await pairWith(next, 'Next phone')).headers.get('location')).toBe('/');
  });

  it('is not locked by who tries while none stands, nor for who scans it', async () => {
    for (let tries = 0; tries < 60; tries += 1) await pairWith('ABCDEFGH', `Stranger ${tries}`);
    const first = door().openCode('works');
    expect((await pairWith(first.code, 'Typed')).headers.get('location')).toBe('/');
    const second = door().openCode('looks');
    for (let tries = 0; tries < 60; tries += 1) await pairWith('ABCDEFGH');
    const scanned = await ask('/pair', {
      method: 'POST',
      body: new URLSearchParams({ key: second.secret, name: 'Scanned' }),
    });
    expect(scanned.headers.get('location')).toBe('/');
    const used = await ask('/pair', {
      method: 'POST',
      body: new URLSearchParams({ key: second.secret, name: 'Scanned again' }),
    });
    expect(why(used)).toBe('wrong_code');
  });

  it('lets one of several in that come with it at one moment', async () => {
    const { code } = door().openCode('works');
    const all = await Promise.all(Array.from({ length: 5 }, () => pairWith(code)));
    const into = all.filter((answer) => answer.headers.get('location') === '/');
    expect(into).toHaveLength(1);
  });

  it('is not needed by an address that the host let in after it tried', async () => {
    expect(await inviteAction('127.0.0.1', 'looks')).toMatchObject({ ok: false });
    await pairWith('ABCDEFGH', 'Hill phone 2');
    expect((await loadDevices(database())).tries).toMatchObject([
      { from: '127.0.0.1', name: 'Hill phone 2' },
    ]);
    await runAs(TABLET, async () => {
      expect((await loadDevices(database())).tries).toEqual([]);
      expect(await inviteAction('127.0.0.1', 'works')).toMatchObject({ ok: false });
    });
    expect(await inviteAction('127.0.0.1', 'looks')).toMatchObject({ ok: true });
    expect((await pairWith('ABCDEFGH', 'Hill phone 2')).headers.get('location')).toBe('/');
    expect(why(await pairWith('ABCDEFGH', 'Hill phone 3'))).toBe('wrong_code');
  });

  it('gives no two devices one name, and no name that the book refuses', async () => {
    await paired('works', 'Cork table');
    const { code } = door().openCode('works');
    expect(why(await pairWith(code, 'cork  TABLE '))).toBe('name_taken');
    for (const name of ['Phone <3', 'Anna & Ola > Bench']) {
      expect([name, why(await pairWith(code, name))]).toEqual([name, 'odd_name']);
    }
    // The code is still good for another name.
    expect((await pairWith(code, 'Cork table 2')).headers.get('location')).toBe('/');
    const token = await makeTokenAction({ name: 'CORK TABLE', role: 'looks' });
    expect(token).toMatchObject({ error: { code: 'invalid_input' } });
    const [device] = (await listDevices(database())).filter(({ name }) => name === 'Cork table 2');
    const renamed = await act('device.change', 'rename-to-taken', {
      id: device!.id,
      name: 'Cork table',
      role: 'looks',
    });
    expect(renamed).toMatchObject({ error: { code: 'invalid_input' } });
  });

  it('is not taken from a body that is too long or no form', async () => {
    const { code } = door().openCode('works');
    const long = await pairWith(code, 'x'.repeat(5000));
    expect(long.headers.get('location')).toContain('no=no_name');
    const json = await ask('/pair', { method: 'POST', body: JSON.stringify({ code, name: 'x' }) });
    expect(json.headers.get('location')).toContain('no=no_name');
  });
});

describe('who is not paired', () => {
  it('sees the page of pairing and nothing else', async () => {
    for (const path of ['/', '/quick', '/api/v1/readings', '/pair/x', '/devices', '/_next/data']) {
      const answer = await ask(path);
      expect([path, answer.status]).toEqual([path, 401]);
      expect(await answer.json()).toMatchObject({ code: 'not_paired' });
    }
    const page = await ask('/', { headers: { accept: 'text/html' } });
    expect(page.status).toBe(401);
    expect(await page.text()).toContain('href="/pair"');
    expect(served).toEqual([]);
    expect((await ask('/pair?code=A')).status).toBe(200);
    expect((await ask('/_next/static/chunk.js')).status).toBe(200);
    expect(served.map(({ role }) => role)).toEqual(['stranger', 'stranger']);
  });

  it('can call no action and no part of another page through it', async () => {
    const action = { 'next-action': 'a'.repeat(40), 'content-type': 'text/plain' };
    const called = await ask('/pair', { method: 'POST', headers: action, body: '[]' });
    expect(called.status).toBe(401);
    await ask('/pair', {
      headers: {
        rsc: '1',
        'next-router-state-tree': '[]',
        'next-url': '/devices',
        'x-nextjs-data': '1',
      },
    });
    expect(
      Object.keys(served[0]!.headers).filter((name) => /^(rsc|next-|x-next)/.test(name)),
    ).toEqual([]);
  });

  it('does not get in with a forged, cut or foreign session or token', async () => {
    const { headers } = await paired();
    const [name, seal] = headers.cookie.split('=') as [string, string];
    for (const bad of [`${name}=${seal.slice(0, -4)}`, `${name}=x`, `${name}=`, `other=${seal}`]) {
      expect((await ask('/', { headers: { cookie: bad } })).status).toBe(401);
    }
    for (const authorization of ['Bearer x', `Bearer ${'a'.repeat(43)}`, 'Basic YTpi']) {
      expect((await ask('/', { headers: { authorization } })).status).toBe(401);
    }
  });
});

describe('a paired device', () => {
  it('is served in its own name, and its secrets go no further', async () => {
    const { headers } = await paired('works', 'Bench tablet');
    const cookie = `frost-units=C.m.km; ${headers.cookie}`;
    expect((await ask('/quick', { headers: { cookie } })).status).toBe(200);
    const [{ caller, headers: seen }] = served as [(typeof served)[0]];
    expect(caller).toMatchObject({ name: 'Bench tablet', role: 'works' });
    expect(seen.cookie).toBe('frost-units=C.m.km');
    expect(seen['x-forwarded-proto']).toBe('https');
  });

  it('that may only look reads and asks, and writes nothing', async () => {
    const { headers } = await paired('looks');
    expect((await ask('/outing/demo-tour/snow', { headers })).status).toBe(200);
    const json = { ...headers, 'content-type': 'application/json' };
    const pick = await ask('/api/v1/pick', { method: 'POST', headers: json, body: '{}' });
    expect(pick.status).toBe(200);
    for (const path of ['/api/v1/readings', '/api/v1/book', '/api/v1/anything/new']) {
      const write = await ask(path, { method: 'POST', headers: json, body: '{}' });
      expect([path, write.status]).toEqual([path, 403]);
      expect(await write.json()).toMatchObject({ code: 'looks_only' });
    }
    const done = await runAs(GUEST, () =>
      performWrite('key-of-a-guest', 'note.write', async () => ({ ok: true, value: null })),
    );
    expect(done).toMatchObject({ ok: false, error: { code: 'looks_only' } });
    expect(runAs(GUEST, looksOnly)).toBe(true);
  });

  it('is turned away from its next request on once it is revoked, and may be renamed', async () => {
    const { headers } = await paired('works', 'Old name');
    const device = (await listDevices(database())).find(({ name }) => name === 'Old name')!;
    const input = { name: 'New name', role: 'looks' };
    expect(
      await act('device.change', 'change-of-device', { id: device.id, ...input }),
    ).toMatchObject({
      ok: true,
    });
    await ask('/', { headers });
    expect(served.at(-1)!.caller).toMatchObject({ name: 'New name', role: 'looks' });
    const bad = await act('device.change', 'change-of-device-2', {
      id: device.id,
      name: '',
      role: 'x',
    });
    expect(bad).toMatchObject({ error: { code: 'invalid_input' } });
    expect((await loadDevices(database())).devices).toContainEqual(
      expect.objectContaining({ name: 'New name', lastSeenAt: expect.any(String) }),
    );
    expect(await act('device.revoke', 'revoke-of-device', { id: device.id })).toMatchObject({
      ok: true,
    });
    expect((await ask('/', { headers })).status).toBe(401);
    const gone = await act('device.revoke', 'revoke-of-device-2', { id: device.id });
    expect(gone).toMatchObject({ error: { code: 'not_found' } });
  });

  it('that was revoked stays so when a copy of before is put back', async () => {
    const { headers } = await paired('works', 'Lost phone');
    const device = (await listDevices(database())).find(({ name }) => name === 'Lost phone')!;
    await act('device.revoke', 'revoke-lost-phone', { id: device.id });
    const back = { revoked_at: null };
    await database().updateTable('device').set(back).where('id', '=', device.id).execute();
    expect((await ask('/', { headers })).status).toBe(200);
    const at = '2027-01-14T12:00:00.000Z';
    expect(await keepRevoked(database(), { folder, at })).toBe(1);
    expect((await ask('/', { headers })).status).toBe(401);
    expect(statSync(path.join(folder, 'lan', 'revoked')).mode & 0o077).toBe(0);
  });

  it('keeps its session from another server of this machine, and one of before the port', async () => {
    const { cookie, headers } = await paired('works', 'Two servers');
    const { port } = server.address() as AddressInfo;
    expect(cookie).toMatch(new RegExp(`^frost-pick-session-${port}=`));
    const old = headers.cookie.replace(`-${port}=`, '=');
    expect((await ask('/', { headers: { cookie: old } })).status).toBe(200);
  });

  it('pairs again where the key of sessions was only half written', async () => {
    const { headers } = await paired('works', 'Before the cut');
    writeFileSync(path.join(folder, 'lan', 'session.key'), '');
    shared.door = new Door();
    expect((await ask('/', { headers })).status).toBe(401);
    const again = await paired('works', 'After the cut');
    expect((await ask('/', { headers: again.headers })).status).toBe(200);
  });

  it('decides on no device itself', async () => {
    const refused = { ok: false, error: { code: 'at_host_only' } };
    await runAs(TABLET, async () => {
      expect(await openCodeAction('works')).toMatchObject(refused);
      expect(await makeTokenAction({ name: 'x', role: 'works' })).toMatchObject(refused);
      expect(await act('device.revoke', 'revoke-by-device', { id: 'any' })).toMatchObject(refused);
      expect(
        await act('device.change', 'change-by-device', { id: 'any', name: '', role: '' }),
      ).toMatchObject(refused);
      expect((await loadDevices(database())).code).toBeUndefined();
    });
    expect(await openCodeAction('owner')).toMatchObject({ error: { code: 'invalid_input' } });
    expect(await openCodeAction('looks')).toMatchObject({ ok: true });
  });

  it('a script comes in with its token, which is stored as a hash alone', async () => {
    const made = await makeTokenAction({ name: 'Weather mast', role: 'works' });
    if (!made.ok) throw new Error(made.error.message);
    const authorization = `Bearer ${made.value.token}`;
    expect((await ask('/api/v1/readings', { headers: { authorization } })).status).toBe(200);
    expect(served[0]!.caller).toMatchObject({ name: 'Weather mast' });
    expect(served[0]!.headers.authorization).toBeUndefined();
    const rows = await database().selectFrom('device').selectAll().execute();
    expect(JSON.stringify(rows)).not.toContain(made.value.token);
    const keys = await database().selectFrom('write_key').selectAll().execute();
    expect(JSON.stringify(keys)).not.toContain(made.value.token);
  });
});

describe('data', () => {
  const alone = <T>(work: () => T) => runAs(STRANGER, work);

  it('are for nobody who was not let in, whatever leads there', async () => {
    expect(() => alone(callersDatabase)).toThrow('not_let_in');
    expect(() => alone(() => exportBook('json'))).toThrow('not_let_in');
    const refused = { ok: false, error: { code: 'not_paired' } };
    expect(await alone(() => openCodeAction('works'))).toMatchObject({
      error: { code: 'at_host_only' },
    });
    const done = alone(() => performWrite('key-of-a-stranger', 'note.write', async () => DONE));
    expect(await done).toMatchObject(refused);
    const answer = await alone(() => readingsRoute(new Request('http://x/api/v1/readings')));
    expect(answer.status).toBe(401);
    const stream = await alone(() => liveRoute(new Request('http://x/api/v1/live')));
    expect([stream.status, await stream.json()]).toMatchObject([401, { code: 'not_paired' }]);
  });

  it('are for nobody where nobody is named', () => {
    const before = shared.caller;
    shared.caller = new AsyncLocalStorage();
    expect(callersDatabase).toThrow('not_let_in');
    shared.caller = before;
  });
});

describe('streams of changes', () => {
  const listener = (of: string) => ({ of, change: vi.fn(), end: vi.fn() });

  it('are four a device at most: a newer window takes the place of the oldest', () => {
    const all = Array.from({ length: 6 }, () => listener('tablet-x'));
    const other = listener('tablet-y');
    const ends = [other, ...all].map((one) => live().listen(one));
    live().announce('note', 'a-key');
    expect(all.map(({ change }) => change.mock.calls.length)).toEqual([0, 0, 1, 1, 1, 1]);
    expect(all.map(({ end }) => end.mock.calls)).toEqual([
      [['replaced']],
      [['replaced']],
      [],
      [],
      [],
      [],
    ]);
    expect(other.change).toHaveBeenCalledTimes(1);
    live().silence('tablet-x');
    live().announce('note', 'another-key');
    expect(all[5]!.change).toHaveBeenCalledTimes(1);
    expect(all[5]!.end).toHaveBeenCalledWith('revoked');
    expect(other.change).toHaveBeenCalledTimes(2);
    for (const end of ends) end();
  });

  it('end when the device is revoked', async () => {
    await paired('works', 'Listening phone');
    const device = (await listDevices(database())).find(({ name }) => name === 'Listening phone')!;
    const caller: Caller = { door: 'beyond', id: device.id, name: device.name, role: 'works' };
    const answer = await runAs(caller, () => liveRoute(new Request('http://x/api/v1/live')));
    await act('device.revoke', 'revoke-listening', { id: device.id });
    // It would not end by itself.
    expect(await answer.text()).toContain('event: revoked');
  });
});

describe('who did what', () => {
  const note = (caller: Caller, key: string, words: string) =>
    runAs(caller, () =>
      performWrite(key, 'note.write', (db, stamp) =>
        writeNote(db, { outingId: 'demo-tour', words }, stamp),
      ),
    );

  it('stands with a record, in the log, and goes along in the book', async () => {
    await note(TABLET, 'note-of-tablet', 'Track set anew');
    await note({ door: 'here' }, 'note-of-host', 'Said at the host');
    const db = database();
    expect(await authorsOf(db, 'note', ['note-of-tablet', 'note-of-host'])).toEqual(
      new Map([['note-of-tablet', ['Bench tablet']]]),
    );
    const { entries } = await loadTimeline(db, { words: 'anew', page: 1, most: 20 }, {});
    expect(entries).toMatchObject([{ kind: 'note', hands: ['Bench tablet'] }]);
    const file = exportBook('json', folder);
    if (!file.ok) throw new Error(file.error.message);
    const book = await readBook(await bytesOf(file.value));
    if (!book.ok) throw new Error(book.message);
    const page = book.value.pages.find(({ name }) => name === 'signature')!;
    expect(openPage(book.value, page)).toEqual([
      { kind: 'note', ref: 'note-of-tablet', hand: 'Bench tablet' },
    ]);
  });

  it('of a job also by its steps, of a file by its readings', async () => {
    const db = database();
    const job = { id: 'a-job' };
    const [reading] = await db.selectFrom('reading').selectAll().execute();
    await db
      .insertInto('reading')
      .values({ ...reading!, id: 'from-file', import_id: 'a-file' })
      .execute();
    await db
      .insertInto('signature')
      .values([
        { kind: 'job_step', ref: `${job.id}|0`, hand: 'Cork' },
        { kind: 'job_step', ref: `${job.id}|11`, hand: 'Brush' },
        { kind: 'job_step', ref: `${job.id}x|1`, hand: 'Other' },
        { kind: 'job', ref: job.id, hand: 'Cork' },
        { kind: 'reading', ref: 'from-file', hand: 'Probe' },
      ])
      .execute();
    expect([...(await authorsOfJobs(db, [job.id]))]).toEqual([[job.id, ['Brush', 'Cork']]]);
    expect([...(await authorsOfImports(db, ['a-file']))]).toEqual([['a-file', ['Probe']]]);
  });
});
