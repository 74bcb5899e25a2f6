// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';
import { linkState } from './link-state';
import { makeRefreshPatient } from './patient-fetch';

let answers: ('away' | 'cut' | 'there')[] = [];
const cut = () =>
  new Response(
    new ReadableStream({
      start: (out) => {
        out.enqueue(new Uint8Array([1]));
        out.error(new Error('cut'));
      },
    }),
  );
const real = vi.fn(() => {
  const next = answers.shift();
  if (next === 'away') return Promise.reject(new Error('away'));
  return Promise.resolve(next === 'cut' ? cut() : new Response('x'));
});
beforeEach(() => {
  vi.useFakeTimers();
  window.location.href = 'https://cabin.local/outing/a/log?find=b';
  answers = [];
  real.mockClear();
});

it('waits with the open page for the server, and with nothing else', async () => {
  window.fetch = real;
  makeRefreshPatient();
  makeRefreshPatient();
  linkState.set({ state: 'lost' });
  answers = ['away', 'cut', 'there'];
  const headers = { rsc: '1' };
  const refresh = window.fetch('/outing/a/log?find=b&_rsc=1x', { headers });
  await vi.advanceTimersByTimeAsync(3000);
  expect(real).toHaveBeenCalledTimes(2);
  linkState.set({ state: 'open' });
  expect(await (await refresh).text()).toBe('x');
  expect(real).toHaveBeenCalledTimes(3);

  for (const [url, init] of [
    ['/outing/a/snow?_rsc=1', { headers }],
    ['/outing/a/log?find=c&_rsc=1', { headers }],
    ['/outing/a/log?find=b', {}],
    ['/outing/a/log?find=b', { headers, method: 'POST' }],
  ] as [string, RequestInit][]) {
    answers = ['away'];
    await expect(window.fetch(url, init)).rejects.toThrow('away');
  }
});

it('gives up what the router gave up', async () => {
  const gone = new AbortController();
  gone.abort();
  answers = ['away'];
  const init = { headers: { rsc: '1' }, signal: gone.signal };
  await expect(window.fetch('/outing/a/log?find=b&_rsc=1', init)).rejects.toThrow('away');
});
