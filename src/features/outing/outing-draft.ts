import type { Segment, Venue } from '@/core/model';
import type { Discipline, Purpose } from '@/core/terms';
import { instantFromLocal, isLocalTime } from '@/core/time';

export const NEW_VENUE = 'new';

/** What is typed into the form of a new outing, times on the venue's clock. */
export interface OutingDraft {
  name: string;
  venueId: string;
  startLocal: string;
  discipline: Discipline;
  purpose: Purpose;
  distanceKm?: number;
  venueName: string;
  timeZone: string;
  altitudeM?: number;
  latitude?: number;
  longitude?: number;
  /** Whether the snow of the quick answer is kept as the first reading. */
  keepSnow: boolean;
  /** From a track. */
  course?: Segment[];
}

/** The venue the draft stands for: the one taken, else the first there is, else a new one. */
export const chosenVenue = (draft: OutingDraft, venues: readonly Venue[]): string =>
  draft.venueId || (venues[0]?.id ?? NEW_VENUE);

function instantOrNothing(local: string, timeZone: string): string | undefined {
  if (!isLocalTime(local)) return undefined;
  try {
    return instantFromLocal(local, timeZone);
  } catch {
    return undefined;
  }
}

/** The draft as the schemas know it: an outing, and a venue where that is new. */
export function split(draft: OutingDraft, venues: readonly Venue[]) {
  const venueId = chosenVenue(draft, venues);
  const zone = venues.find((venue) => venue.id === venueId)?.timeZone ?? draft.timeZone;
  const outing = {
    name: draft.name,
    venueId,
    discipline: draft.discipline,
    purpose: draft.purpose,
    distanceKm: draft.distanceKm,
    fluorocarbonsAllowed: false,
    startAt: instantOrNothing(draft.startLocal, zone),
  };
  const venue =
    venueId === NEW_VENUE
      ? {
          name: draft.venueName,
          timeZone: draft.timeZone,
          altitudeM: draft.altitudeM,
          latitude: draft.latitude,
          longitude: draft.longitude,
          ownCorrectionC: 0,
        }
      : undefined;
  return { outing, venue, course: venue && draft.course };
}
