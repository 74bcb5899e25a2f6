import { EventEmitter } from 'node:events';
import { describe, expect, it, vi } from 'vitest';
import { Gate } from '../../host/gate.mjs';
import fc from 'fast-check';
import { normalAddress } from '../../host/address.mjs';
import { makeGuard, ownNames } from '../../host/guard.mjs';
import { contentPolicy } from '../../host/headers.mjs';
import { PageCache } from '../../host/page-cache.mjs';
import { dress, refuse } from '../../host/requests.mjs';
import { inLanguage } from '@/server/language';
import { plainPage } from '@/server/plain-page';
import { serverScreenWords } from '@/words/screens/server';
import { layOutLocales } from '@/words/locales';
import { shared } from '@/core/shared';
import type {} from '@/server/for-host';

const guard = makeGuard(ownNames(['Cabin.local']));
const ask = (more: { method?: string; url?: string; headers?: Record<string, string> } = {}) =>
  guard({
    method: more.method ?? 'GET',
    url: more.url ?? '/outing/x/snow?find=%20a',
    headers: { host: '127.0.0.1:3210', ...more.headers },
  })?.code;

describe('the guard', () => {
  it('answers its own names only, with or without a port', () => {
    for (const host of [
      '127.0.0.1:3210',
      'localhost',
      '[::1]:80',
      'cabin.local',
      'CABIN.LOCAL:1',
    ]) {
      expect(ask({ headers: { host } }), host).toBeUndefined();
    }
    for (const host of ['rebind.example', '127.0.0.1.example', 'localhost:3210@evil', '', 'a b']) {
      expect(ask({ headers: { host } }), host).toBe('unknown_host');
    }
  });

  it('takes writes from its own pages and from programs, not from other sites', () => {
    const write = (headers: Record<string, string>) => ask({ method: 'POST', headers });
    expect(write({})).toBeUndefined();
    expect(write({ origin: 'http://127.0.0.1:3210', 'sec-fetch-site': 'same-origin' })).toBe(
      undefined,
    );
    for (const headers of [
      { origin: 'http://evil.example' },
      { origin: 'null' },
      { origin: 'http://127.0.0.1:9999' },
      { 'sec-fetch-site': 'cross-site' },
      { 'sec-fetch-site': 'same-site' },
    ]) {
      expect(write(headers as unknown as Record<string, string>)).toBe('foreign_origin');
    }
    expect(ask({ headers: { 'sec-fetch-site': 'cross-site' } })).toBeUndefined();
  });

  it('refuses methods, paths and actions that are none', () => {
    expect(ask({ method: 'TRACE' })).toBe('method_not_allowed');
    for (const url of ['/%E0%A4%A', '/%', '*', 'http://x/', `/${'a'.repeat(5000)}`]) {
      expect(ask({ url }), url).toBe('invalid_path');
    }
    expect(ask({ url: '/icons/../api/v1/book' })).toBe('invalid_path');
    expect(ask({ method: 'POST', headers: { 'next-action': '[object Object]' } })).toBe(
      'unknown_action',
    );
    expect(ask({ method: 'POST', headers: { 'next-action': '40'.repeat(21) } })).toBeUndefined();
  });
});

it('the policy lets no script in without the nonce of the answer', () => {
  const policy = contentPolicy('abc');
  expect(policy).toContain("script-src 'self' 'nonce-abc' 'strict-dynamic';");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toContain('unsafe-eval');
  expect(policy.match(/unsafe-inline/g)).toHaveLength(1);
});

it('only a file that a worker may be run from may compile the kernel', () => {
  const dressed = (url: string) => {
    const said = new Map<string, string>();
    const answer = { setHeader: (name: string, value: string) => said.set(name, value) };
    dress({ url, headers: {} } as never, answer as never, false);
    return said.get('content-security-policy');
  };
  expect(dressed('/_next/static/chunks/worker.js')).toContain(
    "'strict-dynamic' 'wasm-unsafe-eval'",
  );
  for (const url of ['/quick', '/api/v1/pick', '/sw.js']) {
    expect(dressed(url), url).not.toContain('unsafe-eval');
  }
});

describe('the address of a request', () => {
  const TRICKS = [
    '/x/../quick',
    '/x/./quick',
    '/..',
    '/x/%2e%2e/quick',
    '/x/.%2E/quick',
    '/x/%252e%252e/quick',
    '/x/..;/quick',
    '/x;a=b/quick',
    '/x/%3b/quick',
    '//quick',
    '/x//quick',
    '/x%2fquick',
    '/x%2Fquick',
    '/x/..\\\\quick',
    '/x\\\\quick',
    '/x%5cquick',
    '/x%00quick',
    '/x%0aquick',
    '/x%7fquick',
    '/x%c2%85quick',
    '/x%3fquick',
    '/x%23quick',
    'quick',
    '',
  ].map((one) => one.replaceAll('\\\\', '\\'));

  it('is refused where it can be read in two ways', () => {
    for (const url of TRICKS) expect([url, normalAddress(url)]).toEqual([url, undefined]);
    // In what follows the question mark nobody looks for a path.
    expect(normalAddress('/quick?to=/../x//y;z%2e%2e')).toBe('/quick?to=/../x//y;z%2e%2e');
  });

  it('has one spelling, which stays as it is when it is made again', () => {
    expect(normalAddress('/%71uick')).toBe('/quick');
    expect(normalAddress('/outing/[a]')).toBe('/outing/%5Ba%5D');
    fc.assert(
      fc.property(fc.webPath(), fc.string({ unit: 'binary' }), (path, more) => {
        const normal = normalAddress(path + more);
        if (normal === undefined) return;
        expect(normalAddress(normal)).toBe(normal);
        const [own = ''] = normal.split('?');
        expect(new URL(own, 'http://here').pathname).toBe(own);
        expect(decodeURIComponent(own)).not.toMatch(/\/\/|\\|;|(^|\/)\.\.?(\/|$)/);
      }),
    );
  });
});

describe('the gate', () => {
  it('lets so many in, keeps some waiting in order, and sends the rest away', async () => {
    const gate = new Gate({ atOnce: 2, waiting: 2, waitMs: 60_000 });
    expect([await gate.enter(), await gate.enter()]).toEqual([true, true]);
    const order: string[] = [];
    const first = gate.enter().then((isIn) => order.push(`first ${isIn}`));
    const second = gate.enter().then((isIn) => order.push(`second ${isIn}`));
    expect(await gate.enter()).toBe(false);
    gate.leave();
    gate.leave();
    await Promise.all([first, second]);
    expect(order).toEqual(['first true', 'second true']);
    gate.leave();
    gate.leave();
    expect(gate.inside).toBe(0);
  });

  it('lets clients in by turns, and bounds what each may ask for', async () => {
    const gate = new Gate({ atOnce: 1, ofOne: 3, waiting: 10 });
    await gate.enter('greedy');
    const order: string[] = [];
    const waiting = ['greedy', 'greedy', 'greedy', 'other', 'third'].map(async (client) => {
      if (await gate.enter(client)) order.push(client);
    });
    expect(await gate.enter('greedy')).toBe(false);
    for (let i = 0; i < 5; i += 1) {
      gate.leave();
      await Promise.resolve();
    }
    await Promise.all(waiting);
    expect(order).toEqual(['greedy', 'other', 'third', 'greedy', 'greedy']);
  });

  it('lets a few clients wait for as long as a browser does', async () => {
    vi.useFakeTimers();
    const gate = new Gate({ atOnce: 1, few: 2, waitMs: 1000 });
    await gate.enter('a');
    const patient = gate.enter('a');
    await vi.advanceTimersByTimeAsync(40_000);
    gate.leave();
    expect(await patient).toBe(true);
    vi.useRealTimers();
  });

  it('sends away who waited too long', async () => {
    vi.useFakeTimers();
    const gate = new Gate({ atOnce: 1, waiting: 5, few: 0, waitMs: 1000 });
    await gate.enter();
    const late = gate.enter();
    await vi.advanceTimersByTimeAsync(1001);
    expect(await late).toBe(false);
    gate.leave();
    expect(await gate.enter()).toBe(true);
    vi.useRealTimers();
  });
});

it('the page cache tells pages apart by address, cookies and encoding, and is for pages only', () => {
  const pages = new PageCache();
  const keyOf = (more: object, headers: object = {}, role = 'here') =>
    pages.keyOf(
      { method: 'GET', url: '/a', headers: { accept: 'text/html', ...headers }, ...more } as never,
      role,
    );
  expect(keyOf({})).toBe(keyOf({}));
  expect(keyOf({ url: '/b' })).not.toBe(keyOf({}));
  expect(keyOf({}, { cookie: 'frost-units=F.m.km' })).not.toBe(keyOf({}));
  expect(keyOf({}, {}, 'looks')).not.toBe(keyOf({}));
  expect(keyOf({ method: 'POST' })).toBeUndefined();
  expect(keyOf({}, { accept: '*/*' })).toBeUndefined();
  const part = { accept: '*/*', rsc: '1', 'next-router-state-tree': 'a' };
  expect(keyOf({}, part)).toBe(keyOf({}, part));
  expect(keyOf({}, part)).not.toBe(keyOf({}));
  expect(keyOf({}, part)).not.toBe(keyOf({}, { ...part, 'next-router-state-tree': 'b' }));
});

describe('a page that is kept', () => {
  class Answer extends EventEmitter {
    statusCode = 200;
    writableFinished = false;
    sent = '';
    write = (piece: string) => {
      this.sent += piece;
      return true;
    };
    end = (piece: string) => {
      // As Node does: not through `write`.
      this.sent += piece;
      this.writableFinished = true;
      this.emit('close');
    };
    getHeaders = () => ({ 'content-type': 'text/html' });
  }
  const bodyOf = async (page: Promise<{ body: Buffer } | undefined> | undefined) =>
    (await page)?.body.toString();
  const make = (pages: PageCache, key: string) => {
    const answer = new Answer();
    pages.record(key, answer as never);
    return answer;
  };

  it('is shared while it is new, and its forerunner while it is made anew', async () => {
    vi.useFakeTimers();
    const pages = new PageCache();
    const first = make(pages, 'a');
    const waiting = bodyOf(pages.find('a'));
    first.end('one');
    expect([await waiting, await bodyOf(pages.find('a'))]).toEqual(['one', 'one']);
    vi.advanceTimersByTime(3500);
    expect(pages.find('a')).toBeUndefined();
    const second = make(pages, 'a');
    expect(await bodyOf(pages.find('a'))).toBe('one');
    second.end('two');
    expect(await bodyOf(pages.find('a'))).toBe('two');
    vi.useRealTimers();
  });

  it('is forgotten after a write, and never kept when it broke off', async () => {
    const pages = new PageCache();
    make(pages, 'a').end('one');
    pages.forget();
    expect(pages.find('a')).toBeUndefined();
    const broken = make(pages, 'b');
    const waiting = bodyOf(pages.find('b'));
    broken.emit('close');
    expect(await waiting).toBeUndefined();
    expect(pages.find('b')).toBeUndefined();
  });
});

describe('a refusal', () => {
  const sent = (code: string, { status = 400, accept = '*/*' } = {}) => {
    let body = '';
    const answer = { headersSent: false, writeHead: vi.fn(), end: (text: string) => (body = text) };
    const asked = { headers: { accept } } as Parameters<typeof refuse>[0];
    refuse(asked, answer as unknown as Parameters<typeof refuse>[1], { status, code });
    return { body, headers: answer.writeHead.mock.calls[0]![1] as Record<string, string> };
  };
  const said = (code: string) => JSON.parse(sent(code).body) as { code: string; message: string };
  const REFUSAL = () => serverScreenWords.REFUSAL as Record<string, string>;

  it('says that the server is starting until the app is there with its words', () => {
    delete shared.refusal;
    expect(said('busy')).toMatchObject({ code: 'busy', message: 'The server is still starting.' });
  });

  it('is a page for somebody who looks at it, which tries again while there is too much to do', () => {
    shared.refusal = (code) => ({
      message: code,
      page: (text, refreshS) => plainPage({ title: 'Frost Pick', text, refreshS }),
    });
    const page = sent('busy', { status: 503, accept: 'text/html,*/*' });
    expect(page.headers['content-type']).toContain('text/html');
    expect(page.headers['retry-after']).toBe('2');
    expect(page.body).toContain('http-equiv="refresh" content="2"');
    expect(sent('failed', { status: 500, accept: 'text/html' }).body).not.toContain('refresh');
  });

  it('has words for every code of the guard, in the language of who asks', () => {
    layOutLocales();
    shared.refusal = (code) => ({
      message: REFUSAL()[code],
      page: (text, refreshS) => plainPage({ title: 'Frost Pick', text, refreshS }),
    });
    const codes = [
      ask({ method: 'TRACE' }),
      ask({ url: '/%' }),
      ask({ headers: { host: 'x.example' } }),
      ask({ method: 'POST', headers: { 'sec-fetch-site': 'cross-site' } }),
      ask({ headers: { 'next-action': 'zz' } }),
      'busy',
      'failed',
      'not_found',
    ] as string[];
    expect(new Set(codes).size).toBe(codes.length);
    expect(Object.keys(REFUSAL()).sort()).toEqual([...codes].sort());
    for (const tag of ['nb', 'de']) {
      for (const code of codes) {
        const { message } = inLanguage(tag, () => said(code));
        expect(message, code).toMatch(/[.]$/);
        expect(message, code).not.toBe(said(code).message);
      }
    }
    delete shared.refusal;
  });
});
