import type { BaseState } from '../terms';
import type { GlideProduct, OutingFacts, OwnCorrection } from '../wax';
import type { SnowCases } from './cases';
import type { Nudge } from './nudge';
import type { RoledProduct } from './layers';

/** The day and the outing, without a shelf. */
export interface DemandQuestion {
  cases: SnowCases;
  outing: OutingFacts;
  own: OwnCorrection;
  nudge?: Nudge;
}

export interface RankQuestion extends DemandQuestion {
  /** Glide waxes to rank. */
  products: readonly GlideProduct[];
}

export interface ChoiceQuestion extends RankQuestion {
  /** The whole shelf for the layers. */
  shelf: readonly RoledProduct[];
  /** The product that is taken: the layers are built about it; the best where undefined or excluded. */
  takenId?: string;
  /** What the look over the base found; sound where undefined. */
  baseState?: BaseState;
}
