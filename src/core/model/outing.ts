import { DISCIPLINES, PURPOSES, type Discipline, type Purpose } from '../terms';
import type { FieldsOf } from './field';
import type { KeptVenue } from './venue';

/** An outing with its venue; times are ISO 8601 in UTC. */
export interface Outing {
  id: string;
  name: string;
  discipline: Discipline;
  purpose: Purpose;
  distanceKm: number;
  startAt: string;
  fluorocarbonsAllowed: boolean;
  /** How long the skis are on snow, h; undefined: estimated. */
  hoursOnSnow?: number;
  venue: KeptVenue;
}

export interface OutingToSave extends Omit<Outing, 'venue'> {
  venueId: string;
}

/** What of an outing the Pick screen may change. */
export type OutingFactsToKeep = Pick<
  Outing,
  'discipline' | 'purpose' | 'distanceKm' | 'startAt' | 'fluorocarbonsAllowed' | 'hoursOnSnow'
>;

/** What the skis are for, as a choice takes it. */
export const OUTING_FACT_FIELDS = {
  discipline: { type: 'choice', of: DISCIPLINES, isRequired: true },
  purpose: { type: 'choice', of: PURPOSES, isRequired: true },
  distanceKm: { type: 'number', range: [0, 500], unit: 'km', isRequired: true },
  fluorocarbonsAllowed: { type: 'flag', isRequired: true, mayBeLeftOut: true },
  hoursOnSnow: { type: 'number', range: [0.1, 24], unit: 'h' },
} as const;

/** The facts of an outing that may change after it was planned. */
export const OUTING_CHANGE_FIELDS = {
  ...OUTING_FACT_FIELDS,
  startAt: { type: 'moment', isRequired: true },
} as const satisfies FieldsOf<OutingFactsToKeep>;

/** The fields of an outing. */
export const OUTING_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  venueId: { type: 'id', isRequired: true },
  name: { type: 'text', most: 80, isRequired: true },
  ...OUTING_CHANGE_FIELDS,
} as const satisfies FieldsOf<OutingToSave>;
