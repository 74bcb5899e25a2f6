'use client';

import type { MergeReport } from '@/core/book';
import { useEffect, useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { FieldProblem } from '@/formats/schemas/validation';
import { fileKey, forgetFileKey } from '@/ui/fields/file-key';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.exchange;
const ADDRESS = '/api/v1/book';
const ZIP = /\.zip$/i;

/** How far the taking in of a book is. */
export type BookState =
  | { kind: 'idle' }
  | { kind: 'reading' }
  | { kind: 'looking'; file: File; report: MergeReport }
  | { kind: 'taking'; file: File; report: MergeReport }
  | { kind: 'done'; report: MergeReport }
  | { kind: 'failed'; message: string; problems: readonly FieldProblem[] };

type Sent =
  | { ok: true; report: MergeReport }
  | { ok: false; message: string; problems: readonly FieldProblem[] };

async function sent(file: File, path: string, signal: AbortSignal): Promise<Sent> {
  const isZip = ZIP.test(file.name);
  const response = await fetch(path, {
    method: 'POST',
    headers: {
      'content-type': isZip ? 'application/zip' : 'application/json',
      'idempotency-key': fileKey(path, file),
    },
    body: file,
    signal,
  });
  forgetFileKey(path, file);
  const body = (await response.json()) as MergeReport & {
    message?: string;
    details?: FieldProblem[];
  };
  if (response.ok) return { ok: true, report: body };
  return { ok: false, message: body.message ?? WORDS.noAnswer, problems: body.details ?? [] };
}

const ASK_EVERY_MS = 500;

/** How much of what is being sent is done, 0 to 1; undefined until the server says so. */
function useProgress(key: string | undefined): number | undefined {
  const [share, setShare] = useState<{ key: string; done: number }>();
  useEffect(() => {
    if (key === undefined) return undefined;
    const timer = setInterval(() => {
      fetch(`${ADDRESS}/progress?key=${encodeURIComponent(key)}`)
        .then((answer) => answer.json() as Promise<{ done?: number | null }>)
        .then(({ done }) => setShare(typeof done === 'number' ? { key, done } : undefined))
        // It is asked again; the import itself says what is wrong.
        .catch(() => undefined);
    }, ASK_EVERY_MS);
    return () => clearInterval(timer);
  }, [key]);
  return share?.key === key ? share?.done : undefined;
}

/** Looks at the book of another cabin, then takes it in; either can be cancelled. */
export function useBook() {
  const router = useRouter();
  const [state, setState] = useState<BookState>({ kind: 'idle' });
  const [underWay, setUnderWay] = useState<string>();
  const done = useProgress(underWay);
  const abort = useRef<AbortController>(undefined);
  const run = async (file: File, path: string, then: (report: MergeReport) => BookState) => {
    abort.current = new AbortController();
    setUnderWay(fileKey(path, file));
    try {
      const answer = await sent(file, path, abort.current.signal);
      const { ok } = answer;
      setState(ok ? then(answer.report) : { kind: 'failed', ...answer });
      return ok;
    } catch (error) {
      const isCancelled = error instanceof DOMException && error.name === 'AbortError';
      setState(
        isCancelled ? { kind: 'idle' } : { kind: 'failed', message: WORDS.noAnswer, problems: [] },
      );
      return false;
    } finally {
      setUnderWay(undefined);
    }
  };
  const look = (file: File) => {
    setState({ kind: 'reading' });
    void run(file, `${ADDRESS}?do=preview`, (report) => ({ kind: 'looking', file, report }));
  };
  const take = async (theirs: readonly string[]) => {
    if (state.kind !== 'looking') return;
    setState({ ...state, kind: 'taking' });
    const query = new URLSearchParams({ do: 'import' });
    for (const id of theirs) query.append('theirs', id);
    const isDone = await run(state.file, `${ADDRESS}?${query}`, (report) => ({
      kind: 'done',
      report,
    }));
    if (isDone) router.refresh();
  };
  const close = () => {
    abort.current?.abort();
    setState({ kind: 'idle' });
  };
  return { state, done, look, take, close };
}
