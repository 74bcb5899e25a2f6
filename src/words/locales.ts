import { de } from './de';
import { nb } from './nb';
import { shared } from '../core/shared';

/** Lays out all languages for a process that answers in each of them; before its first word in another than English. */
export function layOutLocales(): void {
  shared.words = { nb, de };
}
