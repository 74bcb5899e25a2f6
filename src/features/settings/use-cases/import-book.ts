import type { MergeReport } from '@/core/book';
import {
  BookIncomplete,
  mergeBook,
  type IncomingBook,
  type TakenTheirs,
} from '@/data/book/merge-book';
import type { FrostDatabase } from '@/data/database';
import { openGone, openPage, type ReadBook } from '@/formats/book/read';
import { failed, type WireResult } from '@/formats/wire';
import { bookFileTask } from '@/server/book-task';
import { offLoop } from '@/server/compute/pool';
import type { Write } from '@/server/write';
import { flushWritten } from '@/server/one-file';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.exchange;

/** Ends the transaction of a trial, with what it found. */
class Tried extends Error {
  constructor(readonly report: MergeReport) {
    super('tried');
  }
}

/** What a book would change here, without changing it: it is met, and the transaction is taken back. */
export async function previewBook(
  db: FrostDatabase,
  bytes: Uint8Array,
  onShare?: (done: number) => void,
): Promise<WireResult<MergeReport>> {
  const read = await offLoop(bookFileTask, bytes);
  if (!read.ok) return failed('invalid_file', read.message, read.problems);
  try {
    await db.transaction().execute(async (transaction) => {
      throw new Tried(
        await mergeBook(transaction, incoming(read.value), {
          theirs: new Set(),
          onShare,
          flush: flushWritten,
        }),
      );
    });
  } catch (error) {
    if (error instanceof Tried) return { ok: true, value: error.report };
    if (error instanceof BookIncomplete) return incomplete(error);
    throw error;
  }
  throw new Error('A trial ended without its report.');
}

/** A book as it is met. */
export const incoming = (book: ReadBook): IncomingBook => ({
  pages: book.pages.map((page) => ({ name: page.name, open: () => openPage(book, page) })),
  gone: book.gone.map((page) => () => openGone(book, page)),
  pictures: book.pictures,
});

const incomplete = ({ kind }: BookIncomplete) =>
  failed('invalid_file', WORDS.incomplete, [
    { field: `records.${kind}`, message: WORDS.namesMissing },
  ]);

/**
 * Takes a book in, all of it or nothing, after a copy of what is here; `theirs` are the conflicts in which its record
 * is taken. A file that is no book costs no copy: each one pushes out an older one.
 */
export async function importBook(
  bytes: Uint8Array,
  {
    theirs,
    copy,
    write,
    onShare,
  }: {
    theirs: TakenTheirs;
    copy?: () => Promise<WireResult<unknown>>;
    write: Write;
    onShare?: (done: number) => void;
  },
): Promise<WireResult<MergeReport>> {
  const read = await offLoop(bookFileTask, bytes);
  if (!read.ok) return failed('invalid_file', read.message, read.problems);
  const copied = await copy?.();
  if (copied && !copied.ok) return copied;
  return write(async (transaction) => {
    try {
      const report = await mergeBook(transaction, incoming(read.value), {
        theirs,
        onShare,
        flush: flushWritten,
      });
      return { ok: true, value: report };
    } catch (error) {
      if (error instanceof BookIncomplete) return incomplete(error);
      throw error;
    }
  });
}
