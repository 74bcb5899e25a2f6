import type { FieldsOf } from './field';
import type { ChoiceDetails, RenderedLine, RenderedRanked } from '../choice';
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
  lines: RenderedLine[];
  ranking: RenderedRanked[];
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
  lines: RenderedLine[];
  /** The first of the ranking, and the one that was taken. */
  top: RenderedRanked[];
  taken: RenderedRanked | undefined;
  products: ChoiceInputs['products'];
}

/** The fields of a choice: all written once, by the server. */
export const CHOICE_FIELDS = {
  id: { type: 'id', isRequired: true },
  outingId: { type: 'id', isRequired: true },
  readingId: { type: 'id' },
  productId: { type: 'id', isRequired: true },
  productName: { type: 'text', most: 80, isRequired: true },
  equivalentTemperatureC: { type: 'number', range: [-60, 20], unit: '°C', isRequired: true },
  hardness: { type: 'number', range: [0, 100], unit: '', isRequired: true },
  inputs: { type: 'json', isRequired: true },
  lines: { type: 'json', isRequired: true, column: 'ledger' },
  ranking: { type: 'json', isRequired: true },
  details: { type: 'json' },
  modelVersion: { type: 'text', most: 20, isRequired: true },
  note: { type: 'text', most: 500 },
  correctsId: { type: 'id' },
  createdAt: { type: 'moment', isRequired: true },
} as const satisfies FieldsOf<Choice>;
