// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ReactNode } from 'react';
import type { KeptTimer } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { SHORTCUTS } from '@/ui/keys/registry';
import { DAY, demoDatabase, pushed } from '../../../tests/unit/demo-app';
import { AMERICAN, show } from '../../../tests/unit/render';
import { Frame } from './frame';
import { AtStart, AtStartPlace } from './at-start';
import { loadAtStart, loadFrame, type FrameData } from './load-frame';
import { Rack } from './rack';
import { BESIDE, WORKING_ORDER } from './rail-items';

const MINUTE = 60_000;
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const frameOf = async (id: string): Promise<FrameData> => (await loadFrame(db, id))!;
interface Framed {
  nowMs?: number;
  units?: typeof AMERICAN;
  atStart?: ReactNode;
}
const framed = (
  data: FrameData,
  { nowMs = DAY.getTime(), units, atStart = <AtStartPlace /> }: Framed = {},
) =>
  show(
    <Frame
      data={data}
      serverNowMs={nowMs}
      atStart={atStart}
      live={{ epoch: 'a', build: '', versions: {} }}
    >
      <form>
        <input aria-label="Note" />
      </form>
    </Frame>,
    units,
  );
const line = () =>
  screen.getByLabelText('Snow line').textContent.replace(/[\u202f\u00a0\u2009]/g, ' ');
const key = (pressed: string, on: Element | Document = document, more: object = {}) =>
  fireEvent.keyDown(on, { key: pressed, code: pressed, ...more });

describe('the Snow line', () => {
  it('holds outing, countdown, snow, snow at the start, and choice', async () => {
    const data = await frameOf('demo-slalom');
    const atStart = <AtStart day={await loadAtStart(db, data)} />;
    framed(data, { nowMs: Date.parse(data.outing.startAt) - 200 * MINUTE, atStart });
    expect(screen.getByRole('combobox', { name: 'Outing' })).toHaveProperty('value', 'demo-slalom');
    expect(line()).toContain('start in 3 h 20 min');
    expect(screen.getByTestId('line-snow').textContent).toMatch(/±/);
    expect(screen.getByTestId('line-start').textContent).toMatch(/±/);
    expect(screen.getByTestId('line-choice').textContent).toBe(data.choice!.productName);
    expect(line()).toMatch(/choice, best with/);
  });

  it('speaks °F to who reads °F', async () => {
    framed(await frameOf('demo-slalom'), { units: AMERICAN });
    expect(line()).toContain('°F');
    expect(line()).not.toContain('°C');
  });

  it('says what is not there yet', async () => {
    const data = await frameOf('demo-slalom');
    const bare = { ...data, latest: undefined, choice: undefined };
    framed(bare, { atStart: <AtStart day={undefined} /> });
    expect(line()).toContain('no reading yet');
    expect(line()).toContain('no choice yet');
    expect(screen.queryByTestId('line-start')).toBeNull();
  });

  it('tells a guess from a measurement, and a reading ahead of now from an old one', async () => {
    const data = await frameOf('demo-slalom');
    const takenAt = new Date(DAY.getTime() + 30 * MINUTE).toISOString();
    framed({ ...data, latest: { ...data.latest!, source: 'guess', takenAt } });
    expect(line()).toContain('snow, guessed in 30 min');
  });

  it('counts on after the start', async () => {
    const data = await frameOf('demo-slalom');
    framed(data, { nowMs: Date.parse(data.outing.startAt) + 95 * MINUTE });
    expect(line()).toContain('started 1 h 35 min ago');
  });

  it('says once an outing is over that its screens no longer advise', async () => {
    const data = await frameOf('demo-slalom');
    const startMs = Date.parse(data.outing.startAt);
    const running = framed(data, { nowMs: startMs + 10 * MINUTE });
    expect(running.text()).not.toContain('This outing ended');
    running.unmount();
    const { text } = framed(data, { nowMs: startMs + 600 * MINUTE });
    expect(text()).toMatch(/This outing ended [A-Z][a-z]{2} \d+ [A-Z][a-z]{2} \d\d:\d\d\./);
    expect(screen.getByRole('link', { name: 'Plan the next outing' })).toBeTruthy();
  });

  it('goes to another outing, or to a new one', async () => {
    framed(await frameOf('demo-slalom'));
    const outings = screen.getByRole('combobox', { name: 'Outing' });
    fireEvent.change(outings, { target: { value: 'demo-relay' } });
    fireEvent.change(outings, { target: { value: 'new' } });
    expect(pushed()).toEqual(['/outing/demo-relay/snow', '/outing/new']);
  });
});

describe('the Day rail', () => {
  const rail = () => screen.getByRole('navigation', { name: 'Screens of the day' });

  it('lists the screens in the order of the work, grip for classic skis alone', async () => {
    const data = await frameOf('demo-slalom');
    const view = framed(data);
    const names = () =>
      within(rail())
        .getAllByRole('link')
        .map((one) => one.getAttribute('href')!.split('/').at(-1));
    const all = WORKING_ORDER.map((one) => one.path);
    expect(names().slice(0, all.length - 1)).toEqual(all.filter((one) => one !== 'grip'));
    view.unmount();
    framed({ ...data, outing: { ...data.outing, discipline: 'classic' } });
    expect(names().slice(0, all.length)).toEqual(all);
    expect(names().slice(all.length)).toEqual(
      expect.arrayContaining(BESIDE.map(({ path }) => path)),
    );
  });

  it('says what waits in each screen', async () => {
    const data = await frameOf('demo-slalom');
    const note = (change: Partial<FrameData>) => {
      const view = framed({ ...data, ...change });
      const text = rail().textContent;
      view.unmount();
      return text;
    };
    expect(note({ latest: undefined })).toContain('measure');
    expect(note({ choice: undefined })).toContain('choose');
    expect(note({ choice: { ...data.choice!, readingId: data.latest!.id } })).toContain('chosen');
    expect(note({ choice: { ...data.choice!, readingId: 'older' } })).toContain('newer snow');
  });
});

/** The frame, once it hears keys. */
async function listening() {
  framed(await frameOf('demo-slalom'));
  await waitFor(() => {
    key('n');
    expect(pushed()).not.toEqual([]);
  });
  vi.clearAllMocks();
}

describe('keys', () => {
  it.each([...WORKING_ORDER, ...BESIDE].map(({ path }) => [SHORTCUTS[path].key, path] as const))(
    '%s opens %s',
    async (pressed, path) => {
      await listening();
      key(pressed);
      await waitFor(() =>
        expect(pushed()).toEqual([
          ['quick', 'practice'].includes(path) ? `/${path}` : `/outing/demo-slalom/${path}`,
        ]),
      );
    },
  );

  it('go into a field while one types, and leave the browser its own chords', async () => {
    await listening();
    key('s', screen.getByRole('textbox', { name: 'Note' }));
    key('p', document, { ctrlKey: true });
    key('l', document, { metaKey: true });
    expect(pushed()).toEqual([]);
  });

  it('Ctrl and Enter sends the form of the screen, from its fields too', async () => {
    await listening();
    const sent = vi.fn((event: Event) => event.preventDefault());
    document.querySelector('form')!.addEventListener('submit', sent);
    key('Enter', screen.getByRole('textbox', { name: 'Note' }), { ctrlKey: true });
    await waitFor(() => expect(sent).toHaveBeenCalledTimes(1));
  });

  it('are all listed under ?', async () => {
    await listening();
    key('?', document, { shiftKey: true });
    const list = await screen.findByRole('dialog', { name: 'Keys' });
    for (const { shown, what } of Object.values(SHORTCUTS)) {
      expect(list.textContent).toContain(shown());
      expect(list.textContent).toContain(what());
    }
    fireEvent.click(within(list).getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByRole('dialog', { name: 'Keys' })).toBeNull());
  });

  it('are each given once', () => {
    const keys = Object.values(SHORTCUTS).map((one) => one.key);
    expect(new Set(keys).size).toBe(keys.length);
  });
});

describe('the Rack of running waits', () => {
  const timer = (name: string, dueIn: number, leastIn = 0): KeptTimer => ({
    jobId: `job-${name}`,
    outingId: 'demo-slalom',
    skiName: name,
    title: 'Cool down',
    startedMs: DAY.getTime() - 60 * MINUTE,
    dueMs: DAY.getTime() + dueIn * MINUTE,
    leastMs: DAY.getTime() + leastIn * MINUTE,
  });
  const rack = (timers: KeptTimer[]) => show(<Rack timers={timers} serverNowMs={DAY.getTime()} />);

  it('is not there while nothing waits', () => {
    expect(rack([]).text()).toBe('');
    expect(document.documentElement.style.getPropertyValue('--rack-height')).toBe('0px');
  });

  it('shows what is left, and for how long a wait is over', () => {
    rack([timer('Blue', -3), timer('Red', 12)]);
    const tiles = screen.getAllByTestId('timer').map((one) => one.textContent);
    expect(tiles[0]).toContain('Blue, cool down');
    expect(tiles[0]).toContain('Over for 3 min');
    expect(tiles[1]).toContain('12:00');
    expect(document.documentElement.style.getPropertyValue('--rack-height')).toBe('76px');
    expect(screen.getByText('2 waiting').parentElement!.textContent).toContain(
      '1 over. Next: Blue, over',
    );
  });

  it('leads to the job of each ski', () => {
    rack([timer('Red', 12)]);
    expect(screen.getAllByTestId('timer')[0]!.getAttribute('href')).toBe(
      '/outing/demo-slalom/bench?job=job-Red',
    );
  });

  it('sounds and notifies once for a wait that ends while one looks, not for those over before', async () => {
    vi.useFakeTimers({ now: DAY });
    const rendered = vi.fn();
    class Rendered {
      static readonly permission = 'granted';
      constructor(text: string) {
        rendered(text);
      }
    }
    vi.stubGlobal('Notification', Rendered);
    vi.stubGlobal('fetch', () => Promise.reject(new Error('offline')));
    rack([timer('Old', -5), timer('Red', 1)]);
    await act(() => vi.advanceTimersByTimeAsync(30_000));
    expect(rendered).not.toHaveBeenCalled();
    await act(() => vi.advanceTimersByTimeAsync(40_000));
    await act(() => vi.advanceTimersByTimeAsync(40_000));
    expect(rendered.mock.calls).toEqual([['Red: Cool down is over']]);
  });

  it('follows what the server says of other devices', async () => {
    vi.useFakeTimers({ now: DAY });
    const heard = { nowMs: DAY.getTime(), timers: [timer('Green', 20)] };
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(heard))));
    rack([timer('Red', 12)]);
    await act(() => vi.advanceTimersByTimeAsync(21_000));
    expect(screen.getAllByTestId('timer')[0]!.textContent).toContain('Green');
  });
});
