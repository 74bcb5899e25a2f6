import type { FieldsOf } from './field';

/** A place with its own clock and the technician's own correction for it. */
export interface Venue {
  id: string;
  name: string;
  /** Where it lies; undefined: not known yet, and then there is no outlook. */
  latitude?: number;
  longitude?: number;
  /** Undefined: that of its first station. */
  altitudeM?: number;
  timeZone: string;
  ownCorrectionC: number;
  /** When its tracks are usually groomed, every night, on its own clock: 05:30. */
  groomedAt?: string;
}

/** True south of the equator, where summer begins in December; a venue nobody has placed lies north. */
export const isSouthern = ({ latitude = 0 }: Pick<Venue, 'latitude'>): boolean => latitude < 0;

/** A venue as stored: each change of the place or of its course raises a version. */
export interface KeptVenue extends Venue {
  version: number;
  courseVersion: number;
}

/** The fields of a venue. */
export const VENUE_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  name: { type: 'text', most: 80, isRequired: true },
  altitudeM: { type: 'number', range: [-100, 5000], unit: 'm' },
  latitude: { type: 'number', range: [-90, 90], unit: '°' },
  longitude: { type: 'number', range: [-180, 180], unit: '°' },
  timeZone: { type: 'text', most: 64, isRequired: true },
  ownCorrectionC: { type: 'number', range: [-5, 5], unit: 'K', isRequired: true },
  groomedAt: { type: 'clock' },
} as const satisfies FieldsOf<Venue>;
