import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BOOK_NAMES,
  bookKind,
  columnsOf,
  decide,
  differences,
  isGone,
  keptInConflict,
  mergedTombstones,
  type BookRecord,
  type Tombstone,
} from '.';

const NOTE = bookKind('note');
const SKI = bookKind('ski');
const note = (removed_at: string | null): BookRecord => ({ id: 'n', words: 'Wind', removed_at });
const EARLY = '2027-01-13T10:00:00.000Z';
const LATE = '2027-01-13T12:00:00.000Z';

describe('what two books make of one record', () => {
  it('nothing, where both say the same, whatever the order of what JSON holds', () => {
    expect(decide(NOTE, note(null), note(null))).toEqual({ kind: 'same' });
    expect(differences({ a: { x: 1 } }, { a: { x: 1 } })).toEqual([]);
    expect(differences({ a: null }, {})).toEqual([]);
  });

  it('an end that one of them knows, and the earlier of two', () => {
    expect(decide(NOTE, note(null), note(LATE))).toEqual({ kind: 'changed', record: note(LATE) });
    expect(decide(NOTE, note(LATE), note(EARLY))).toEqual({ kind: 'changed', record: note(EARLY) });
    expect(decide(NOTE, note(EARLY), note(LATE))).toEqual({ kind: 'kept' });
    expect(decide(NOTE, note(EARLY), note(null))).toEqual({ kind: 'kept' });
  });

  it('a fault of one of them, where what is written once differs', () => {
    const other = { ...note(null), words: 'No wind' };
    expect(decide(NOTE, note(null), other)).toEqual({ kind: 'conflict', isFixed: true });
    expect(decide(bookKind('reading'), { id: 'r', spot: 'a' }, { id: 'r', spot: 'b' })).toEqual({
      kind: 'conflict',
      isFixed: true,
    });
  });

  it('the one that was changed more often; as often, and a person decides', () => {
    const ski = (name: string, version: number): BookRecord => ({ id: 's', name, version });
    expect(decide(SKI, ski('A', 2), ski('B', 3))).toEqual({ kind: 'changed', record: ski('B', 3) });
    expect(decide(SKI, ski('A', 3), ski('B', 2))).toEqual({ kind: 'kept' });
    expect(decide(SKI, ski('A', 3), ski('B', 3))).toEqual({ kind: 'conflict', isFixed: false });
    expect(keptInConflict(SKI, ski('A', 3), ski('B', 3))).toEqual(ski('A', 4));
    expect(keptInConflict(SKI, ski('A', 2), ski('B', 5))).toEqual(ski('A', 6));
    expect(keptInConflict(bookKind('skier'), { id: 'k' }, { id: 'k' })).toBeUndefined();
  });

  it('what one knows and the other does not yet; where both know it otherwise, a person decides', () => {
    const STEP = bookKind('job_step');
    const step = (ended_at: string | null, grams: number | null): BookRecord => ({
      job_id: 'j',
      position: 1,
      ended_at,
      grams,
    });
    expect(decide(STEP, step(null, 3), step(LATE, null))).toEqual({
      kind: 'changed',
      record: step(LATE, 3),
    });
    expect(decide(STEP, step(LATE, 3), step(null, 3))).toEqual({ kind: 'kept' });
    expect(decide(STEP, step(LATE, 3), step(LATE, 4)).kind).toBe('conflict');
  });

  it('is one and the same, whichever met the other first', () => {
    const end = fc.constantFrom(null, EARLY, LATE);
    fc.assert(
      fc.property(end, end, (a, b) => {
        const after = (mine: BookRecord, theirs: BookRecord) => {
          const verdict = decide(NOTE, mine, theirs);
          return verdict.kind === 'changed' ? verdict.record : mine;
        };
        expect(after(note(a), note(b))).toEqual(after(note(b), note(a)));
      }),
    );
  });
});

describe('what was removed', () => {
  const gone = (gone_at: string, back_at: string | null): Tombstone => ({
    kind: 'ski_event',
    ref: 'e',
    gone_at,
    back_at,
  });

  it('is gone until it came back later, in whatever order the books meet', () => {
    expect(isGone(undefined)).toBe(false);
    expect(isGone(gone(EARLY, null))).toBe(true);
    expect(isGone(gone(EARLY, LATE))).toBe(false);
    expect(isGone(gone(LATE, EARLY))).toBe(true);
    const [a, b] = [gone(EARLY, LATE), gone(LATE, null)];
    expect(mergedTombstones(a, b)).toEqual(mergedTombstones(b, a));
    expect(isGone(mergedTombstones(gone(EARLY, null), gone(EARLY, LATE)))).toBe(false);
    expect(mergedTombstones(a, a)).toEqual(a);
  });
});

describe('the kinds of a book', () => {
  it.each(BOOK_NAMES)('%s: its keys, its version and its ends are columns of it', (name) => {
    const { keys, version, closing = [], rule } = bookKind(name);
    const columns = Object.keys(columnsOf(name));
    for (const column of [...keys, ...closing, ...(version ? [version] : [])]) {
      expect(columns).toContain(column);
    }
    expect(version !== undefined).toBe(rule === 'version');
    expect(closing.length > 0).toBe(rule === 'closing');
  });
});
