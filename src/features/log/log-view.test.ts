import { describe, expect, it } from 'vitest';
import { LOG_KINDS } from '@/core/model';
import { LOG_SHOWS, pathOf, viewOf, type LogShow } from './log-view';

const SHOWS = Object.keys(LOG_SHOWS) as LogShow[];
const queryOf = (path: string) =>
  Object.fromEntries(new URL(path, 'http://localhost').searchParams);

describe('the part of the log that an address asks for', () => {
  it('is everything where it asks for nothing, or for what there is not', () => {
    const everything = { words: '', show: 'all', isHere: false, page: 1 };
    expect(viewOf({})).toEqual(everything);
    expect(viewOf({ find: ['a', 'b'], show: 'toString', here: 'yes', page: '-3' })).toEqual(
      everything,
    );
    expect(viewOf({ page: 'x', show: '' })).toEqual(everything);
  });

  it.each(SHOWS)('goes into the address and comes back: %s', (show) => {
    for (const view of [
      { words: '', show, isHere: false, page: 1 },
      { words: 'glazed & wet', show, isHere: true, page: 7 },
    ]) {
      expect(viewOf(queryOf(pathOf('one', view)))).toEqual(view);
    }
  });

  it('leaves out of the address what is as usual, and cuts words that are too many', () => {
    expect(pathOf('one', { words: '', show: 'all', isHere: false, page: 1 })).toBe(
      '/outing/one/log',
    );
    expect(viewOf({ find: 'x'.repeat(1000) }).words).toHaveLength(100);
  });

  it('shows every kind of entry under one word beside everything', () => {
    const shown = SHOWS.flatMap((show) => LOG_SHOWS[show] ?? []);
    expect([...shown].sort()).toEqual([...LOG_KINDS].sort());
  });
});
