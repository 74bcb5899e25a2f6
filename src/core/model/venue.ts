import type { FieldsOf } from './field';

/** A place with its own clock and the technician's own correction for it. */
export interface Venue {
  id: string;
  name: string;
  altitudeM: number;
  latitude: number;
  longitude: number;
  timeZone: string;
  ownCorrectionC: number;
  /** When its tracks are usually groomed, every night, on its own clock: 05:30. */
  groomedAt?: string;
}

/** A venue as stored: each change of the place or of its course raises a version. */
export interface KeptVenue extends Venue {
  version: number;
  courseVersion: number;
}

/** The fields of a venue. */
export const VENUE_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  name: { type: 'text', most: 80, isRequired: true },
  altitudeM: { type: 'number', range: [-100, 5000], unit: 'm', isRequired: true },
  latitude: { type: 'number', range: [-90, 90], unit: '°', isRequired: true },
  longitude: { type: 'number', range: [-180, 180], unit: '°', isRequired: true },
  timeZone: { type: 'text', most: 64, isRequired: true },
  ownCorrectionC: { type: 'number', range: [-5, 5], unit: 'K', isRequired: true },
  groomedAt: { type: 'clock' },
} as const satisfies FieldsOf<Venue>;
