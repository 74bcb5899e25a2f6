import { describe, expect, it, vi } from 'vitest';
import { KeyReused, Overload, StorageFault } from '@/core/faults';
import { jsonFrom } from './json';
import { asFile, onePage, textOf, toFileResponse, whole } from './out-file';
import {
  answered,
  answerJson,
  failed,
  invalidInput,
  readBytes,
  readText,
  toResponse,
} from './wire';

const request = (body: BodyInit | undefined, headers: Record<string, string> = {}) =>
  new Request('http://localhost/api', {
    method: 'POST',
    body,
    headers,
    duplex: 'half',
  } as RequestInit);
const JSON_TYPE = { 'content-type': 'application/json' };

describe('an answer', () => {
  it.each([
    ['invalid_input', 422],
    ['invalid_json', 400],
    ['too_large', 413],
    ['unsupported_type', 415],
    ['not_found', 404],
    ['conflict', 409],
    ['changed_meanwhile', 409],
    ['busy', 503],
    ['storage_full', 507],
    ['anything else', 500],
  ])('of %s has status %d, the code and the sentence', async (code, status) => {
    const response = toResponse(failed(code, 'What to do.'));
    expect(response.status).toBe(status);
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(await response.json()).toEqual({ code, message: 'What to do.', details: [] });
  });

  it('that is JSON text already goes out as it is, and a refusal as ever', async () => {
    const good = await answerJson(() => Promise.resolve({ ok: true, value: '{"a":1}' }));
    expect(good.headers.get('content-type')).toBe('application/json');
    expect(good.headers.get('cache-control')).toBe('no-store');
    expect(await good.json()).toEqual({ a: 1 });
    const busy = await answerJson(() => Promise.reject(new Overload(3)));
    expect([busy.status, busy.headers.get('retry-after')]).toEqual([503, '3']);
  });

  it('that is good is the value alone, kept by nobody', async () => {
    const response = toResponse({ ok: true, value: { a: 1 } });
    expect(response.status).toBe(200);
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(await response.json()).toEqual({ a: 1 });
  });

  it('that is busy says when to come back', () => {
    const busy = toResponse(failed('busy', 'Later.', [{ retryAfterS: 7 }]));
    expect(busy.headers.get('retry-after')).toBe('7');
    expect(toResponse(failed('busy', 'Later.')).headers.get('retry-after')).toBe('1');
  });

  it('of wrong input spells ten problems and carries all', () => {
    const problems = Array.from({ length: 30 }, (_, i) => ({
      field: `f${i}`,
      message: `No ${i}.`,
    }));
    const result = invalidInput(problems);
    if (result.ok) throw new Error('it was taken');
    expect(result.error.message.split('. ')).toHaveLength(10);
    expect(result.error.details).toHaveLength(30);
  });
});

describe('what is thrown', () => {
  const thrown = async (error: Error) => {
    const result = await answered(() => Promise.reject(error));
    if (result.ok) throw new Error('it was done');
    return result.error;
  };

  it('by the file, by too much work or by a key used twice is told by its code', async () => {
    expect((await thrown(new StorageFault('storage_full', 'disk'))).code).toBe('storage_full');
    expect(await thrown(new Overload(3))).toMatchObject({
      code: 'busy',
      details: [{ retryAfterS: 3 }],
    });
    expect((await thrown(new KeyReused('k'))).code).toBe('conflict');
  });

  it('by anything else is in the log, and not in the answer', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const error = await thrown(new TypeError('secret path /home/x'));
    expect(error.code).toBe('failed');
    expect(JSON.stringify(error)).not.toContain('secret');
    expect(log).toHaveBeenCalledTimes(1);
    log.mockRestore();
  });
});

describe('a body', () => {
  const failure = async (result: ReturnType<typeof readText>) => {
    const done = await result;
    return done.ok ? undefined : done.error.code;
  };

  it('of another type is not read, and the type it must have is told', async () => {
    expect(await failure(readText(request('{}'), 'application/json', 100))).toBe(
      'unsupported_type',
    );
    for (const type of ['text/plain', 'application/json2', 'multipart/form-data', '']) {
      const headers = { 'content-type': type };
      expect(await failure(readText(request('{}', headers), 'application/json', 100))).toBe(
        'unsupported_type',
      );
    }
  });

  it('of the type, whatever its case and charset, is read', async () => {
    const headers = { 'content-type': 'Application/JSON; charset=utf-8' };
    expect(await readText(request('{"a":"ä"}', headers), 'application/json', 100)).toEqual({
      ok: true,
      value: '{"a":"ä"}',
    });
  });

  it('that says it is too large is not read at all', async () => {
    const headers = { ...JSON_TYPE, 'content-length': '999' };
    expect(await failure(readText(request('{}', headers), 'application/json', 100))).toBe(
      'too_large',
    );
  });

  it('that goes on without end is left after what is allowed', async () => {
    let pieces = 0;
    let isCancelled = false;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        pieces += 1;
        controller.enqueue(new Uint8Array(1000));
      },
      cancel() {
        isCancelled = true;
      },
    });
    const read = await readBytes(request(endless), 10_000);
    expect(!read.ok && read.error.code).toBe('too_large');
    expect(isCancelled).toBe(true);
    expect(pieces).toBeLessThan(20);
  });

  it('of bytes that are no text is refused as a file', async () => {
    const bytes = new Uint8Array([0xff, 0xfe, 0xfd, 0x00, 0x81]);
    expect(await failure(readText(request(bytes, JSON_TYPE), 'application/json', 100))).toBe(
      'invalid_file',
    );
  });

  it('that is no JSON is told so', () => {
    for (const text of ['', '{', "{'a':1}", 'undefined', '{"a":1}x']) {
      const result = jsonFrom(text);
      expect(!result.ok && result.error.code, text).toBe('invalid_json');
    }
    expect(jsonFrom('[1]')).toEqual({ ok: true, value: [1] });
  });
});

describe('a file that goes out', () => {
  const write = (rows: readonly { a: number }[], hasHeader: boolean) =>
    [...(hasHeader ? ['a'] : []), ...rows.map((row) => String(row.a))].join('\r\n');
  const pages = async function* (...all: { a: number }[][]) {
    for (const page of all) yield await Promise.resolve(page);
  };
  const text = async (format: string | null, ...all: { a: number }[][]) => {
    const file = asFile('rows', { format, pages: pages(...all), write });
    if (!file.ok) throw new Error(file.error.message);
    return { text: await textOf(file.value), ...file.value };
  };

  it('as CSV has a byte order mark, one header, and each row once over all pages', async () => {
    const file = await text(null, [{ a: 1 }, { a: 2 }], [], [{ a: 3 }]);
    expect(file.name).toBe('rows.csv');
    expect(file.text).toBe('\uFEFFa\r\n1\r\n2\r\n3');
  });

  it('as JSON is one list, also of nothing', async () => {
    expect(JSON.parse((await text('json', [{ a: 1 }], [], [{ a: 2 }])).text)).toEqual([
      { a: 1 },
      { a: 2 },
    ]);
    expect(JSON.parse((await text('json')).text)).toEqual([]);
  });

  it('in another format is none', () => {
    const file = asFile('rows', { format: 'xml', pages: onePage([]), write });
    expect(!file.ok && file.error.code).toBe('invalid_input');
  });

  it('is made while it is read, and stops when nobody reads on', async () => {
    let made = 0;
    let isEnded = false;
    const pieces = (async function* () {
      try {
        for (;;) {
          made += 1;
          yield await Promise.resolve('piece');
        }
      } finally {
        isEnded = true;
      }
    })();
    const response = toFileResponse({
      ok: true,
      value: { name: 'a.csv', type: 'text/csv', pieces },
    });
    expect(response.headers.get('content-disposition')).toBe('attachment; filename="a.csv"');
    const reader = response.body!.getReader();
    await reader.read();
    await reader.cancel();
    expect(isEnded).toBe(true);
    expect(made).toBeLessThan(5);
  });

  it('of a whole text is that text', async () => {
    expect(await textOf({ name: 'a', type: 'text/plain', pieces: whole('all') })).toBe('all');
  });
});
