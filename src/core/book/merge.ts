import type { BookKind, BookRecord } from './kinds';

/** What becomes of a record that both books have. */
export type Verdict =
  | { kind: 'same' }
  /** The other book's stands, or what both make together. */
  | { kind: 'changed'; record: BookRecord }
  /** The own one stands, as it was changed later. */
  | { kind: 'kept' }
  /** A person decides; `isFixed`: neither can be changed, so the own one stays. */
  | { kind: 'conflict'; isFixed: boolean };

const SAME: Verdict = { kind: 'same' };
const CONFLICT: Verdict = { kind: 'conflict', isFixed: false };

const isEqual = (a: unknown, b: unknown): boolean =>
  a === b || JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** Columns in which two records differ. */
export const differences = (mine: BookRecord, theirs: BookRecord): string[] =>
  Object.keys(mine).filter((column) => !isEqual(mine[column], theirs[column]));

const isEmpty = (value: unknown) => value === null || value === undefined;

/** The earlier of two ends, by ISO 8601 in UTC or by the order of other words; an open one is no end. */
function earlier(a: unknown, b: unknown): unknown {
  if (isEmpty(a)) return b;
  if (isEmpty(b)) return a;
  return String(b) < String(a) ? b : a;
}

/** `mine` with what `change` gives for some columns. */
function merged(mine: BookRecord, change: BookRecord): Verdict {
  const record = { ...mine, ...change };
  return differences(mine, record).length === 0 ? { kind: 'kept' } : { kind: 'changed', record };
}

/** What two books make of a record that both have, by the rule of its kind. */
export function decide(kind: BookKind, mine: BookRecord, theirs: BookRecord): Verdict {
  const different = differences(mine, theirs);
  if (different.length === 0) return SAME;
  switch (kind.rule) {
    case 'once':
      return { kind: 'conflict', isFixed: true };
    case 'asking':
      return CONFLICT;
    case 'version': {
      const [own, other] = [Number(mine[kind.version!]), Number(theirs[kind.version!])];
      if (own === other) return CONFLICT;
      return other > own ? { kind: 'changed', record: theirs } : { kind: 'kept' };
    }
    case 'closing': {
      const closing = kind.closing!;
      if (different.some((column) => !closing.includes(column))) {
        return { kind: 'conflict', isFixed: true };
      }
      const ends = closing.map(
        (column) => [column, earlier(mine[column], theirs[column])] as const,
      );
      return merged(mine, Object.fromEntries(ends));
    }
    case 'filling': {
      if (different.some((column) => !isEmpty(mine[column]) && !isEmpty(theirs[column]))) {
        return CONFLICT;
      }
      return merged(
        mine,
        Object.fromEntries(different.map((column) => [column, mine[column] ?? theirs[column]])),
      );
    }
  }
}

/** Where a person kept the own record in a conflict: it counts as changed once more, so that it is not asked again. */
export function keptInConflict(
  kind: BookKind,
  mine: BookRecord,
  theirs: BookRecord,
): BookRecord | undefined {
  if (kind.rule !== 'version') return undefined;
  const versions = [mine, theirs].map((one) => Number(one[kind.version!]));
  return { ...mine, [kind.version!]: Math.max(...versions) + 1 };
}
