import type { ChoiceDetails, ToldLine, ToldRanked } from '../choice';
import type { BaseState, ChoiceBasis } from '../terms';
import type { GlideProduct, OutingFacts, OwnCorrection, SnowConditions } from '../wax';

/** All that went into a choice, as it was. */
export interface ChoiceInputs {
  snow: SnowConditions;
  /** Absent in choices from before there was an outlook: a reading. */
  basis?: ChoiceBasis;
  outing: OutingFacts;
  own: OwnCorrection;
  products: GlideProduct[];
  /** Absent: in use and sound. */
  baseState?: BaseState;
}

/** A choice as saved: readable without the model that made it. */
export interface Choice {
  id: string;
  outingId: string;
  readingId?: string;
  productId: string;
  productName: string;
  equivalentTemperatureC: number;
  hardness: number;
  inputs: ChoiceInputs;
  lines: ToldLine[];
  ranking: ToldRanked[];
  /** Absent in choices from before the choice in full. */
  details?: ChoiceDetails;
  modelVersion: string;
  note?: string;
  correctsId?: string;
  createdAt: string;
}

/** A choice as the log shows it: what was first in its ranking, without the rest. */
export interface LogChoice {
  id: string;
  outingId: string;
  productName: string;
  equivalentTemperatureC: number;
  hardness: number;
  modelVersion: string;
  note?: string;
  createdAt: string;
  lines: ToldLine[];
  /** The first of the ranking, and the one that was taken. */
  top: ToldRanked[];
  taken: ToldRanked | undefined;
  products: ChoiceInputs['products'];
}

/** A page of the log. */
export interface LogPage {
  choices: LogChoice[];
  /** How many there are in all that have the words. */
  count: number;
}
