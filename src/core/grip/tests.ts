/** How a wax was under the foot on the test hill, the best first: what ices does not get better on the way. */
export const GRIP_VERDICTS = ['holds', 'slips', 'drags', 'ices'] as const;
export type GripVerdict = (typeof GRIP_VERDICTS)[number];

/** A try of a grip wax on a hill with marks: how far up it held. */
export interface GripTry {
  wax: string;
  /** Layers that were on. */
  layers: number;
  /** Marks that were reached before the ski slipped. */
  heldMarks: number;
  verdict: GripVerdict;
}

/** Tries, the best first: what holds, then how far up, then with how few layers, as each layer costs glide. */
export const rankedTries = <T extends GripTry>(tries: readonly T[]): T[] =>
  [...tries].sort(
    (a, b) =>
      GRIP_VERDICTS.indexOf(a.verdict) - GRIP_VERDICTS.indexOf(b.verdict) ||
      b.heldMarks - a.heldMarks ||
      a.layers - b.layers,
  );
