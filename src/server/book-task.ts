import { readBook } from '@/formats/book/read';
import { task } from './compute/task';

/** Reads and checks a book off the event loop: it may be large. */
export const bookFileTask = task('book file', 'long', readBook);
