import type { TroubleReason } from './findings';

/** What goes wrong on snow. */
export const COMPLAINTS = ['slipping', 'dragging', 'icing', 'wearing_off'] as const;
export type Complaint = (typeof COMPLAINTS)[number];

/** What to try, in the order in which it is tried: the smallest change first, none that undoes the one before. */
const STEPS = {
  slipping: ['longer', 'more_layers', 'softer', 'klister'],
  dragging: ['thinner', 'shorter', 'harder'],
  icing: ['scrape', 'cover', 'shorter', 'harder'],
  wearing_off: ['more_layers', 'binder', 'klister'],
} as const satisfies Record<Complaint, readonly string[]>;

/** Things to try for each complaint. */
export type TroubleKeys = { readonly [C in Complaint]: (typeof STEPS)[C][number] };
export type TroubleKey = TroubleKeys[Complaint];

/** One thing to try for a complaint. */
export interface TroubleStep {
  complaint: Complaint;
  key: TroubleKey;
}

/** What was tried already, in its order. */
export interface Tried {
  complaint: Complaint;
  key: string;
}

export interface TroubleAdvice {
  /** The next thing to try; undefined when all was tried. */
  next: TroubleStep | undefined;
  remaining: TroubleStep[];
  reason: TroubleReason;
}

/** What would undo it, when the trouble turns round after a step. */
const OPPOSITE: Partial<Record<Complaint, Complaint>> = {
  slipping: 'dragging',
  dragging: 'slipping',
};

function reasonFor(isTurned: boolean, left: number, done: number): TroubleReason {
  if (isTurned) return { code: 'turned_round' };
  if (left === 0) return { code: 'all_tried' };
  return done === 0 ? { code: 'smallest_first' } : { code: 'some_tried', count: done };
}

/** The next step for a complaint, remembering what was tried today. */
export function troubleStep(complaint: Complaint, tried: readonly Tried[]): TroubleAdvice {
  const done = new Set(tried.filter((one) => one.complaint === complaint).map((one) => one.key));
  const remaining = STEPS[complaint]
    .filter((key) => !done.has(key))
    .map((key) => ({ complaint, key }));
  const last = tried.at(-1);
  const isTurned = last !== undefined && OPPOSITE[complaint] === last.complaint;
  return {
    next: remaining[0],
    remaining,
    reason: reasonFor(isTurned, remaining.length, done.size),
  };
}

/** Bases that are not waxed for grip. */
export const NO_WAX_BASES = ['patterned', 'skin'] as const;
export type NoWaxBase = (typeof NO_WAX_BASES)[number];
