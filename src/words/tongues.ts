import { de } from './de';
import { nb } from './nb';
import type { Tongues } from './tongue';

/** Lays out all languages for a process that answers in each of them; before its first word in another than English. */
export function layOutTongues(): void {
  (globalThis as Tongues).frostWords = { nb, de };
}
