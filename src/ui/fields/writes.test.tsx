// @vitest-environment happy-dom
import { act, fireEvent, renderHook, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { fileInput, show } from '../../../tests/unit/render';
import { CsvImport } from '../frame/csv-import';
import type { Answer } from './answer';
import { fileKey, forgetFileKey } from './file-key';
import { keyFor, forgetKey } from './kept-key';
import { Meanwhile } from './meanwhile';
import { sendPhoto } from './send-photo';
import { useDraftedForm } from './use-drafted-form';
import { useWrite } from './use-write';

vi.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: vi.fn(), push: vi.fn(), replace: vi.fn() }),
}));

afterEach(() => vi.unstubAllGlobals());

const ok = <R,>(value: R): Answer<R> => ({ ok: true, value });
const refused = (code: string, message: string, details: unknown[] = []): Answer<never> => ({
  ok: false,
  error: { code, message, details },
});

/** A promise that is settled from outside. */
function pending<R>() {
  let settle!: (value: R) => void;
  let fail!: (error: Error) => void;
  const promise = new Promise<R>((resolve, reject) => {
    settle = resolve;
    fail = reject;
  });
  return { promise, settle, fail };
}

describe('a write', () => {
  it('that is under way drops a second press', async () => {
    const { result } = renderHook(() => useWrite());
    const slow = pending<Answer<string>>();
    const action = vi.fn(() => slow.promise);
    let first: Promise<Answer<string> | undefined>;
    act(() => {
      first = result.current.send('save', action);
    });
    expect(result.current.isBusy).toBe(true);
    await act(async () => expect(await result.current.send('save', action)).toBeUndefined());
    slow.settle(ok('done'));
    await act(async () => expect(await first).toEqual(ok('done')));
    expect(action).toHaveBeenCalledTimes(1);
    expect(result.current.isBusy).toBe(false);
  });

  it('whose answer was lost is sent again with the same key; once answered, with a new one', async () => {
    const { result } = renderHook(() => useWrite());
    const keys: string[] = [];
    const action = (key: string) => {
      keys.push(key);
      if (keys.length === 1) return Promise.reject(new Error('offline'));
      return Promise.resolve(ok(null));
    };
    await act(async () => {
      const lost = await result.current.send('withdraw:1', action);
      expect(lost).toMatchObject({ ok: false, error: { code: 'no_answer' } });
    });
    await act(async () => void (await result.current.send('withdraw:1', action)));
    await act(async () => void (await result.current.send('withdraw:1', action)));
    expect(keys[1]).toBe(keys[0]);
    expect(keys[2]).not.toBe(keys[0]);
  });

  it('of something else has a key of its own', async () => {
    const { result } = renderHook(() => useWrite());
    const keys: string[] = [];
    const lost = (key: string) => {
      keys.push(key);
      return Promise.reject(new Error('offline'));
    };
    await act(async () => void (await result.current.send('a', lost)));
    await act(async () => void (await result.current.send('b', lost)));
    expect(new Set(keys).size).toBe(2);
  });
});

describe('the key of a form', () => {
  it('stands for these values until they were taken', () => {
    const first = keyFor('ski', { name: 'A' });
    expect(keyFor('ski', { name: 'A' })).toBe(first);
    expect(keyFor('ski', { name: 'B' })).not.toBe(first);
    const now = keyFor('ski', { name: 'B' });
    forgetKey('ski');
    expect(keyFor('ski', { name: 'B' })).not.toBe(now);
  });

  it('of a file is the same until an answer came', () => {
    const file = new File(['a'], 'a.csv', { lastModified: 1 });
    const first = fileKey('/api', file);
    expect(fileKey('/api', new File(['a'], 'a.csv', { lastModified: 1 }))).toBe(first);
    expect(fileKey('/other', file)).not.toBe(first);
    expect(fileKey('/api', new File(['ab'], 'a.csv', { lastModified: 1 }))).not.toBe(first);
    forgetFileKey('/api', file);
    expect(fileKey('/api', file)).not.toBe(first);
  });
});

interface Pair {
  name: string;
  owner: string;
  lengthCm?: number;
}
const START: Pair = { name: 'Blue', owner: 'Team', lengthCm: 190 };
const resolver = (values: Pair) =>
  Promise.resolve(
    values.name === ''
      ? { values: {}, errors: { name: { type: 'check', message: 'Give a name.' } } }
      : { values, errors: {} },
  );
const form = (start = START) =>
  renderHook(({ from }) => useDraftedForm<Pair>('pair', from, resolver as never), {
    initialProps: { from: start },
  });

describe('a form that keeps what is typed', () => {
  it('has it again after a reload, and forgets it once it was taken', async () => {
    const first = form();
    act(() => first.result.current.bind('name').onChange('Green'));
    first.unmount();
    const again = form();
    await waitFor(() => expect(again.result.current.values.name).toBe('Green'));
    expect(again.result.current.isDirty).toBe(true);
    await act(async () => void (await again.result.current.submit(() => Promise.resolve(ok(1)))));
    again.unmount();
    expect(form().result.current.values.name).toBe('Blue');
  });

  it('says what is wrong at its field once it was touched, and sends nothing', async () => {
    const { result } = form();
    expect(result.current.problem('name')).toBeUndefined();
    act(() => result.current.bind('name').onChange(''));
    await waitFor(() => expect(result.current.problem('name')).toBe('Give a name.'));
    const send = vi.fn(() => Promise.resolve(ok(1)));
    await act(async () => expect(await result.current.submit(send)).toBeUndefined());
    expect(send).not.toHaveBeenCalled();
  });

  it('keeps everything when the server does not answer, and sends it again with its key', async () => {
    const { result } = form();
    act(() => result.current.bind('name').onChange('Green'));
    const keys: string[] = [];
    const lost = (_: Pair, { key }: { key: string }) => {
      keys.push(key);
      return Promise.reject(new Error('offline'));
    };
    await act(async () => void (await result.current.submit(lost)));
    expect(result.current.failure).toContain('What you typed is kept.');
    expect(result.current.values.name).toBe('Green');
    await act(async () => void (await result.current.submit(lost)));
    expect(keys[1]).toBe(keys[0]);
  });

  it('gives what it was filled with, so that the server can tell what others changed', async () => {
    const { result } = form();
    act(() => result.current.bind('name').onChange('Green'));
    let rendered: { values: Pair; base: Pair } | undefined;
    await act(async () => {
      await result.current.submit((values, { base }) => {
        rendered = { values, base };
        return Promise.resolve(ok(1));
      });
    });
    expect(rendered).toEqual({ values: { ...START, name: 'Green' }, base: START });
  });

  it('takes what others changed elsewhere and asks where both changed the same', async () => {
    const { result } = form();
    act(() => result.current.bind('name').onChange('Green'));
    const changed = {
      taken: ['owner'],
      clashes: [{ field: 'name', theirs: 'Red' }],
      current: { name: 'Red', owner: 'Club', lengthCm: 190 },
    };
    await act(async () => {
      await result.current.submit(() =>
        Promise.resolve(refused('changed_meanwhile', 'Someone else changed it.', [changed])),
      );
    });
    expect(result.current.values).toMatchObject({ name: 'Green', owner: 'Club' });
    const [clash] = result.current.clashes.clashes;
    expect(clash).toEqual({ field: 'name', theirs: 'Red' });
    act(() => result.current.clashes.onTake(clash!));
    expect(result.current.values.name).toBe('Red');
    expect(result.current.clashes.clashes).toEqual([]);
  });

  it('follows the page while nothing was typed, and holds its own once something was', async () => {
    const { result, rerender } = form();
    rerender({ from: { ...START, name: 'Newer' } });
    await waitFor(() => expect(result.current.values.name).toBe('Newer'));
    act(() => result.current.bind('name').onChange('Mine'));
    rerender({ from: { ...START, name: 'Newest' } });
    expect(result.current.values.name).toBe('Mine');
    act(() => result.current.clear());
    expect(result.current.isDirty).toBe(false);
  });

  it('empties a field to nothing and does not fall back to what it was', () => {
    const { result } = form();
    act(() => result.current.bind('lengthCm').onChange(undefined));
    expect(result.current.values.lengthCm).toBeUndefined();
  });
});

describe('what others changed', () => {
  it('is told field by field, by the name of the field, empty as empty', () => {
    const [onTake, onKeep] = [vi.fn(), vi.fn()];
    const clashes = [
      { field: 'owner', theirs: 'Club' },
      { field: 'note', theirs: null },
    ];
    const { text } = show(
      <Meanwhile
        clashes={clashes}
        names={{ owner: { name: 'Owner' } }}
        onTake={onTake}
        onKeep={onKeep}
      />,
    );
    expect(text()).toContain('Owner: they entered Club.');
    expect(text()).toContain('note: they entered empty.');
    fireEvent.click(screen.getAllByRole('button', { name: 'Use theirs' })[1]!);
    expect(onTake).toHaveBeenCalledWith(clashes[1]);
    fireEvent.click(screen.getAllByRole('button', { name: 'Keep mine' })[0]!);
    expect(onKeep).toHaveBeenCalledWith(clashes[0]);
  });

  it('is nothing where nothing clashes', () => {
    const none = () => undefined;
    expect(show(<Meanwhile clashes={[]} names={{}} onTake={none} onKeep={none} />).text()).toBe('');
  });
});

const answerWith = (status: number, body: unknown) =>
  vi.fn(() => Promise.resolve(new Response(JSON.stringify(body), { status })));

describe('a photo', () => {
  const photo = (type: string, bytes = 10) => {
    const file = new File(['x'], 'a.jpg', { type });
    Object.defineProperty(file, 'size', { value: bytes });
    return file;
  };

  it.each([
    ['image/gif', 10, 'JPEG, PNG, WebP or HEIC'],
    ['', 10, 'JPEG, PNG, WebP or HEIC'],
    ['image/png', 12_000_001, 'over 12 MB'],
  ])('of type %j and %d bytes is not sent', async (type, bytes, rendered) => {
    const fetched = answerWith(200, {});
    vi.stubGlobal('fetch', fetched);
    expect(await sendPhoto('/api', photo(type, bytes))).toContain(rendered);
    expect(fetched).not.toHaveBeenCalled();
  });

  it('goes with its kind and a key; the server’s own words come back', async () => {
    const fetched = answerWith(422, { message: 'That is no picture.' });
    vi.stubGlobal('fetch', fetched);
    expect(await sendPhoto('/api/photos', photo('image/png'))).toBe('That is no picture.');
    const [url, request] = fetched.mock.calls[0] as unknown as [string, RequestInit];
    expect(url).toBe('/api/photos');
    expect(request.headers).toMatchObject({ 'content-type': 'image/png' });
    vi.stubGlobal('fetch', answerWith(200, {}));
    expect(await sendPhoto('/api/photos', photo('image/png'))).toBeUndefined();
  });

  it('that the server never saw may be sent again', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new Error('offline')));
    expect(await sendPhoto('/api', photo('image/png'))).toContain('Try again.');
  });
});

describe('a table from a file', () => {
  const imported = async (
    fetched: unknown,
    undo?: (key: string, id: string) => Promise<Answer<null>>,
  ) => {
    vi.stubGlobal('fetch', fetched);
    const view = show(
      <CsvImport
        title="Many at once"
        hint="A CSV file"
        label="Skis"
        id="skis"
        url="/api/v1/skis"
        what="ski"
        onUndo={undo}
      />,
    );
    await view.user.upload(
      await fileInput('skis'),
      new File(['name'], 'skis.csv', { type: 'text/csv' }),
    );
    return view;
  };

  it('says how many came in, and gives the way back', async () => {
    const undo = vi.fn(() => Promise.resolve(ok(null)));
    const { text } = await imported(answerWith(200, { count: 2, importId: 'i-1' }), undo);
    await waitFor(() => expect(text()).toContain('2 skis imported.'));
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(text()).not.toContain('imported'));
    expect(undo).toHaveBeenCalledWith(expect.any(String), 'i-1');
  });

  it('counts one in the singular, and offers no way back where there is none', async () => {
    const { text } = await imported(answerWith(200, { count: 1, importId: 'i-1' }));
    await waitFor(() => expect(text()).toContain('1 ski imported.'));
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(text()).not.toContain('imported'));
  });

  it('lists what is wrong by line and column', async () => {
    const { text } = await imported(
      answerWith(422, {
        message: 'Nothing was imported.',
        details: [{ line: 7, field: 'length', message: 'Length must be a number.' }],
      }),
    );
    await waitFor(() => expect(text()).toContain('Nothing was imported.'));
    const cells = screen.getAllByRole('cell').map((one) => one.textContent);
    expect(cells).toEqual(['7', 'length', 'Length must be a number.']);
  });

  it('says when the server did not answer, and when it refused without a word', async () => {
    const lost = await imported(() => Promise.reject(new Error('offline')));
    await waitFor(() => expect(lost.text()).toContain('The server did not accept the file.'));
    lost.unmount();
    const mute = await imported(answerWith(500, {}));
    await waitFor(() => expect(mute.text()).toContain('The file was not imported.'));
  });

  it('can be cancelled while it is read', async () => {
    const fetched = (_: string, { signal }: RequestInit) =>
      new Promise((_resolve, reject) => {
        signal!.addEventListener('abort', () => reject(new DOMException('stop', 'AbortError')));
      });
    const { text } = await imported(fetched);
    await waitFor(() => expect(text()).toContain('Reading the file…'));
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    await waitFor(() => expect(text()).not.toContain('Reading the file…'));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
