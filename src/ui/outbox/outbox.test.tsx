// @vitest-environment happy-dom
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { ChakraProvider } from '@chakra-ui/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { emptyOutbox } from '../../../tests/unit/outbox-here';
import { OutboxScreen } from '@/features/outbox/outbox-screen';
import { linkState } from '../live/link-state';
import { system } from '../theme/system';
import { LinkLine } from './link-line';
import { useSentSince } from './use-outbox';
import { outbox } from './outbox';
import { keptEntries } from './outbox-store';
import { isKept } from '../fields/answer';
import { sendOrKeep } from './send-or-keep';

/** What reached the server, in order, and what it answers next. */
let reached: { kind: string; key: string }[] = [];
let answers: (Response | undefined)[] = [];
beforeEach(async () => {
  reached = [];
  answers = [];
  vi.stubGlobal('fetch', (_path: string, { body }: { body: string }) => {
    const next = answers.length > 0 ? answers.shift() : Response.json({});
    if (!next) return Promise.reject(new Error('away'));
    reached.push(JSON.parse(body) as { kind: string; key: string });
    return Promise.resolve(next);
  });
  linkState.set({ state: 'open', isNewer: false });
  await emptyOutbox();
});
afterEach(() => vi.unstubAllGlobals());

const entry = (key: string) => ({
  kind: 'glide.run' as const,
  key,
  input: { value: 1 },
  label: `Run ${key}`,
  at: '2027-01-13T12:00:00.000Z',
});
const away = (times = 1) => answers.push(...Array<undefined>(times).fill(undefined));
const refused = (status: number, message = 'Not so.') =>
  answers.push(Response.json({ code: 'x', message }, { status }));
const keys = async () => (await keptEntries()).map(({ key }) => key);

describe('what waits on a device', () => {
  it('stands in one list at any moment: waiting, or sent', async () => {
    const twice: string[] = [];
    const stop = outbox.subscribe(() => {
      const { entries, sent } = outbox.get();
      const gone = new Set(sent.map(({ key }) => key));
      twice.push(...entries.map(({ key }) => key).filter((key) => gone.has(key)));
    });
    await outbox.keep(entry('x'));
    await outbox.keep(entry('y'));
    await waitFor(async () => expect(await keys()).toEqual([]));
    stop();
    expect(twice).toEqual([]);
  });

  it('is sent in its order once the server answers, each once', async () => {
    away();
    await outbox.keep(entry('a'));
    await outbox.keep(entry('b'));
    await outbox.keep(entry('a'));
    await waitFor(async () => expect(await keys()).toEqual([]));
    expect(reached.map(({ key }) => key)).toEqual(['a', 'b']);
    expect(
      outbox
        .get()
        .sent.map(({ key }) => key)
        .slice(-2),
    ).toEqual(['a', 'b']);
  });

  it('stays as it is while the server has too much to do, and goes with the next try', async () => {
    refused(503);
    await outbox.keep(entry('a'));
    await waitFor(() => expect(reached).toHaveLength(1));
    expect(await keys()).toEqual(['a']);
    expect((await keptEntries())[0]!.why).toBeUndefined();
    await waitFor(async () => {
      await outbox.flush();
      expect(await keys()).toEqual([]);
    });
  });

  it('that is refused waits for a person, and what comes after it goes on', async () => {
    refused(422, 'The test is over.');
    await outbox.keep(entry('a'));
    await outbox.keep(entry('b'));
    await waitFor(async () => expect(await keys()).toEqual(['a']));
    expect((await keptEntries())[0]!.why).toBe('The test is over.');
    expect(outbox.hasWaiting()).toBe(false);
    const [first] = await keptEntries();
    await outbox.again(first!.turn);
    await waitFor(async () => expect(await keys()).toEqual([]));
  });

  it('that the server fails at three times waits for a person, and what comes after it goes on', async () => {
    for (let times = 0; times < 3; times += 1) refused(500, 'Something went wrong.');
    await outbox.keep(entry('a'));
    await outbox.keep(entry('b'));
    await waitFor(async () => {
      await outbox.flush();
      expect(await keys()).toEqual(['a']);
    });
    expect((await keptEntries())[0]).toMatchObject({ why: 'Something went wrong.', fails: 3 });
    expect(reached.map(({ key }) => key)).toEqual(['a', 'a', 'a', 'b']);
  });

  it('asks the browser to keep it when its disk is full', async () => {
    const persist = vi.fn(() => Promise.resolve(true));
    vi.stubGlobal('navigator', Object.assign(navigator, { storage: { persist } }));
    await outbox.keep(entry('a'));
    expect(persist).toHaveBeenCalled();
  });

  it('is kept when the device was turned away', async () => {
    refused(401);
    await outbox.keep(entry('a'));
    await waitFor(() => expect(outbox.get().isTurnedAway).toBe(true));
    expect(await keys()).toEqual(['a']);
  });
});

describe('a write that is sent or kept', () => {
  const done = { ok: true, value: 7 } as const;

  it('goes straight to the server where that answers', async () => {
    expect(await sendOrKeep(entry('a'), () => Promise.resolve(done))).toEqual(done);
    const no = { ok: false as const, error: { code: 'conflict', message: 'No.', details: [] } };
    expect(await sendOrKeep(entry('b'), () => Promise.resolve(no))).toEqual(no);
    expect(await keys()).toEqual([]);
  });

  it('is kept without an answer, and without even asking where the server is not heard', async () => {
    away(5);
    const lost = await sendOrKeep(entry('a'), () => Promise.reject(new Error('away')));
    expect(isKept(lost)).toBe(true);
    linkState.set({ state: 'lost' });
    const action = vi.fn(() => Promise.resolve(done));
    expect(isKept(await sendOrKeep(entry('b'), action))).toBe(true);
    expect(action).not.toHaveBeenCalled();
    expect(await keys()).toEqual(['a', 'b']);
    answers = [];
    linkState.set({ state: 'open' });
    await waitFor(async () => expect(await keys()).toEqual([]));
    expect(reached.map(({ key }) => key)).toEqual(['a', 'b']);
  });

  it('waits behind what waits already, so that the order holds', async () => {
    away(2);
    await outbox.keep(entry('a'));
    const action = vi.fn(() => Promise.resolve(done));
    expect(isKept(await sendOrKeep(entry('b'), action))).toBe(true);
    expect(action).not.toHaveBeenCalled();
  });
});

it('what was sent before a page came is the page’s own to tell', async () => {
  await outbox.keep(entry('before'));
  await waitFor(async () => expect(await keys()).toEqual([]));
  const Sent = ({ page }: { page: object }) => (
    <output>
      {useSentSince(page)
        .map(({ key }) => key)
        .join(' ')}
    </output>
  );
  const [first, second] = [{}, {}];
  const view = render(<Sent page={first} />);
  const shown = () => view.container.textContent;
  expect(shown()).toBe('');
  await outbox.keep(entry('after'));
  await waitFor(() => expect(shown()).toBe('after'));
  // The page was made anew and has it: what somebody did to it since is not undone here.
  view.rerender(<Sent page={second} />);
  expect(shown()).toBe('');
});

describe('what is said of it', () => {
  const show = (node: React.ReactNode) =>
    render(<ChakraProvider value={system()}>{node}</ChakraProvider>);

  it('stands on the top line: lost, waiting, refused', async () => {
    show(<LinkLine />);
    linkState.set({ state: 'lost' });
    away(9);
    await outbox.keep(entry('a'));
    const line = screen.getByTestId('link-line');
    await waitFor(() =>
      expect(line.textContent).toContain(
        'No connection to the host computer, 1 record waiting on this device',
      ),
    );
    expect(within(line).getByRole('link').getAttribute('href')).toBe('/outbox');
    linkState.set({ state: 'open', isNewer: true });
    await waitFor(() => expect(line.textContent).toContain('A newer version of Frost Pick'));
    answers = [];
    await outbox.flush();
    await waitFor(() => expect(line.textContent).toContain('sent'));
  });

  it('can be looked at and deleted while it waits, and that taken back', async () => {
    away(99);
    const view = show(<OutboxScreen />);
    await outbox.keep(entry('a'));
    fireEvent.click(await screen.findByRole('button', { name: 'Details: Run a' }));
    expect(screen.getByTestId('outbox-entry').textContent).toContain('"value": 1');
    fireEvent.click(screen.getByRole('button', { name: 'Delete: Run a' }));
    await screen.findByText('Deleted: Run a.');
    expect(await keys()).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await screen.findByRole('button', { name: 'Details: Run a' });
    expect(await keys()).toEqual(['a']);
    view.unmount();
  });

  it('is listed, and a refused one is sent again or deleted by a person', async () => {
    refused(409, 'A test holds 500 runs.');
    refused(409, 'A test holds 500 runs.');
    show(<OutboxScreen />);
    await outbox.keep(entry('a'));
    await waitFor(() => expect(screen.getByTestId('outbox-count').textContent).toBe('1 refused'));
    expect(screen.getByRole('note').textContent).toBe('A test holds 500 runs.');
    fireEvent.click(screen.getByRole('button', { name: 'Send again: Run a' }));
    await waitFor(() => expect(reached).toHaveLength(2));
    fireEvent.click(await screen.findByRole('button', { name: 'Delete: Run a' }));
    await screen.findByText('Deleted: Run a.');
    expect(screen.getByTestId('outbox-count').textContent).toBe('Nothing is waiting');
  });
});
