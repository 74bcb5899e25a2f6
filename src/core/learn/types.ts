import type { LabelShape } from '../wax/loss';

/** How the skis of a choice were, as asked the day after. */
export const GLIDES = ['fast', 'fair', 'slow'] as const;
export type Glide = (typeof GLIDES)[number];
export const FEELS = ['grabbed', 'right', 'dry', 'cannot_tell'] as const;
/** `grabbed`: too soft; `dry`: too hard. */
export type Feel = (typeof FEELS)[number];

/** The day of a result, as the house's ledger has it, without anything learned. */
export interface ResultDay {
  id: string;
  venueId: string;
  /** What the ledger asked for, °C. */
  equivalentC: number;
  /** The lines that can be learned, °C, in their order. */
  lines: readonly number[];
  /** Spread of what the snow was, °C. */
  snowSdC: number;
}

/** A wax on a test: by how much it was slower than the first one, % of friction, and how sure that is. */
export interface TestedWax {
  shape: LabelShape;
  percent: number;
  sdPercent: number;
}

/** What was learned on a day: how a choice turned out, or how waxes differed on one hill. */
export type LearnResult =
  | (ResultDay & { kind: 'outcome'; feel: Feel; shape: LabelShape })
  | (ResultDay & { kind: 'test'; first: LabelShape; others: readonly TestedWax[] });
