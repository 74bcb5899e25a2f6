// @vitest-environment happy-dom
import { act, render } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { newWriteKey } from '../fields/write-key';
import { linkState } from './link-state';
import { LivePage } from './live-page';

const router = vi.hoisted(() => ({ refresh: vi.fn() }));
vi.mock('next/navigation', () => ({ useRouter: () => router }));

class Stream extends EventTarget {
  static last: Stream;
  isClosed = false;
  constructor(readonly url: string) {
    super();
    Stream.last = this;
  }
  close() {
    this.isClosed = true;
  }
  say(name: string, data: unknown) {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }
}
let visibility: DocumentVisibilityState = 'visible';
beforeEach(() => {
  linkState.set(linkState.start());
  vi.stubGlobal('EventSource', Stream);
  Object.assign(window, { EventSource: Stream });
  Object.defineProperty(document, 'visibilityState', { get: () => visibility, configurable: true });
  visibility = 'visible';
  router.refresh.mockClear();
  vi.useFakeTimers();
});

const PAGE = { epoch: 'a', build: '1', versions: { reading: 2 } };
const shown = (of?: string[]) => render(<LivePage page={PAGE} of={of} />);
const heard = (times: number) => {
  act(() => void vi.advanceTimersByTime(1000));
  expect(router.refresh).toHaveBeenCalledTimes(times);
};
const say = (name: string, data: unknown) => Stream.last.say(name, data);

describe('a page that is live', () => {
  it('stays as it is while nothing changes, and is fetched once for changes that come together', () => {
    shown();
    say('state', PAGE);
    expect(linkState.get().state).toBe('open');
    heard(0);
    say('change', { kind: 'reading', version: 3, key: 'of another' });
    say('change', { kind: 'job', version: 1, key: 'of another' });
    heard(1);
    say('change', { kind: 'job', version: 2, key: 'of another' });
    heard(2);
  });

  it('takes over what was changed between its making and its listening, and after a new start', () => {
    shown();
    say('state', { ...PAGE, versions: { reading: 3 } });
    heard(1);
    say('state', { ...PAGE, versions: { reading: 3 } });
    heard(1);
    say('state', { epoch: 'b', build: '1', versions: {} });
    heard(2);
  });

  it('is not fetched for what it wrote itself, nor for what it does not show', () => {
    shown(['device']);
    say('state', PAGE);
    say('change', { kind: 'device', version: 1, key: newWriteKey() });
    say('change', { kind: 'reading', version: 3, key: 'of another' });
    heard(0);
    say('change', { kind: 'device', version: 2, key: 'of another' });
    heard(1);
  });

  it('waits while nobody sees it', () => {
    shown();
    say('state', PAGE);
    visibility = 'hidden';
    say('change', { kind: 'reading', version: 3, key: 'of another' });
    heard(0);
    visibility = 'visible';
    document.dispatchEvent(new Event('visibilitychange'));
    heard(1);
  });

  it('is not fetched, but told, when the server runs a newer app', () => {
    shown();
    say('state', { epoch: 'b', build: '2', versions: { reading: 9 } });
    say('change', { kind: 'reading', version: 10, key: 'of another' });
    expect(linkState.get()).toEqual({ state: 'open', isNewer: true });
    heard(0);
  });

  it('notices a connection that ended without a word, and asks anew', () => {
    shown();
    say('state', PAGE);
    const first = Stream.last;
    for (let beats = 0; beats < 6; beats += 1) {
      act(() => void vi.advanceTimersByTime(15_000));
      say('beat', {});
    }
    expect(linkState.get().state).toBe('open');
    expect(Stream.last).toBe(first);
    act(() => void vi.advanceTimersByTime(50_000));
    expect(linkState.get().state).toBe('lost');
    expect(first.isClosed).toBe(true);
    expect(Stream.last).not.toBe(first);
    say('state', PAGE);
    expect(linkState.get().state).toBe('open');
  });

  it('says when the server is not heard, and lets go of the stream with the page', () => {
    const view = shown();
    say('state', PAGE);
    Stream.last.dispatchEvent(new Event('error'));
    expect(linkState.get().state).toBe('lost');
    view.unmount();
    expect(Stream.last.isClosed).toBe(true);
  });
});
