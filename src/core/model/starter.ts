import type { RankedPair } from '../pairs';
import type { FieldsOf } from './field';

/** Somebody whose skis the bench prepares. */
export interface Skier {
  id: string;
  name: string;
  weightKg?: number;
  note?: string;
}

/** Somebody who races, or skis, on an outing. */
export interface Starter {
  id: string;
  outingId: string;
  skierId: string;
  /** The pair that a person gave, against or with what was ranked first, and why. */
  skiId?: string;
  why?: string;
  /** The pair that the skier would take. */
  likesSkiId?: string;
  /** Weight of a minute of lateness in the plan. */
  priority?: number;
}

/** Somebody on an outing with the pairs that they may take, the best first. */
export interface StarterPairs {
  starter: Starter;
  skier: Skier;
  ranking: RankedPair[];
  /** What they take: as a person gave it, else as all stand best together; absent: there is none. */
  skiId?: string;
}

export const SKIER_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  name: { type: 'text', most: 60, isRequired: true },
  weightKg: { type: 'number', range: [15, 160], unit: 'kg' },
  note: { type: 'text', most: 300 },
} as const satisfies FieldsOf<Skier>;

export const STARTER_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true },
  skierId: { type: 'id', isRequired: true },
  skiId: { type: 'id' },
  why: { type: 'text', most: 200 },
  likesSkiId: { type: 'id' },
  priority: { type: 'number', range: [1, 5], unit: '' },
} as const satisfies FieldsOf<Starter>;
