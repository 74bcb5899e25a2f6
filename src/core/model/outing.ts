import type { Discipline, Purpose } from '../terms';
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
