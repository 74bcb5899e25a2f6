/** What can be practised. */
export const DRILLS = ['iron', 'snow', 'pick', 'order', 'see', 'test'] as const;
export type Drill = (typeof DRILLS)[number];

/** What a drill is about this time: made anew from its seed, the same everywhere. */
export interface DrillItem {
  drill: Drill;
  topic: string;
  /** A whole number from 1 on. */
  seed: number;
}

/** What an answer came to. */
export interface DrillMark {
  /** 0…1: of the best that could be done. */
  quality: number;
  /** Of a guess that may lie on either side: how far and to which, K; above 0 too warm or too soft. */
  biasK?: number;
  /** What the answer cost over the best one, s over the course. */
  costS?: number;
  /** What was said to be how likely, and whether it came: for calibration. */
  said?: { probability: number; came: boolean };
}
