import { readBook } from '@/formats/book/read';
import { takingBytes, task } from './compute/task';

/** Reads and checks a book off the event loop: it may be large. */
export const bookFileTask = takingBytes(task('book file', 'long', readBook));
