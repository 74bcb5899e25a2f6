import { readBook } from '@/formats/book/read';
import { movingBytes, task } from './compute/task';

/** Reads and checks a book off the event loop: it may be large. */
export const bookFileTask = movingBytes(task('book file', 'long', readBook), (read) =>
  read.ok ? [read.value.text, ...(read.value.pictures?.values() ?? [])] : [],
);
