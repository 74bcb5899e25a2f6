import { openBook, type OpenBook } from '@/data/book/read-book';
import { bookJson, bookZip } from '@/formats/book/write';
import type { OutFile } from '@/formats/out-file';
import { invalidInput, type WireResult } from '@/formats/wire';
import { callersFolder } from '@/server/callers-database';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.exchange;

/** What is written of a book that is closed once it is out, or once nobody reads on. */
async function* closedAfter<T>(
  folder: string,
  write: (book: OpenBook) => AsyncGenerator<T>,
): AsyncGenerator<T> {
  const book = openBook(folder);
  try {
    yield* write(book);
  } finally {
    book.close();
  }
}

/** All data as one JSON file, or with the photos as a ZIP: as they are at this moment. */
export function exportBook(format: string | null, folder = callersFolder()): WireResult<OutFile> {
  if (format === 'json' || format === null) {
    const pieces = closedAfter(folder, bookJson);
    return { ok: true, value: { name: 'frost-pick.json', type: 'application/json', pieces } };
  }
  if (format === 'zip') {
    const pieces = closedAfter(folder, bookZip);
    return { ok: true, value: { name: 'frost-pick.zip', type: 'application/zip', pieces } };
  }
  return invalidInput([{ field: 'format', message: WORDS.formatMustBe }]);
}
