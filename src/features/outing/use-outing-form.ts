'use client';

import type { Segment, Venue } from '@/core/model';
import { useMemo } from 'react';
import { useRouter } from 'next/navigation';
import type { Discipline, Purpose } from '@/core/terms';
import { instantFromLocal, isLocalTime, wallIso } from '@/core/time';
import type { ReadingFields } from '@/formats/schemas/reading';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { outingSchema, venueSchema } from '@/formats/schemas/outing';
import { validate, type Validated } from '@/formats/schemas/validation';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { saveOutingAction } from './actions';

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

const EMPTY: OutingDraft = {
  name: '',
  venueId: '',
  startLocal: '',
  discipline: 'skate',
  purpose: 'training',
  distanceKm: 10,
  venueName: '',
  timeZone: '',
  keepSnow: true,
};

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
function split(draft: OutingDraft, venues: readonly Venue[]) {
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

const OUTING_FIELD: Record<string, string> = { startAt: 'startLocal' };
const VENUE_FIELD: Record<string, string> = { name: 'venueName' };

function check(draft: OutingDraft, venues: readonly Venue[]): Validated<unknown> {
  const { outing, venue } = split(draft, venues);
  const parts: [Validated<unknown>, Record<string, string>][] = [
    [validate(outingSchema, outing), OUTING_FIELD],
  ];
  if (venue) parts.push([validate(venueSchema, venue), VENUE_FIELD]);
  const problems = parts.flatMap(([checked, names]) =>
    checked.ok
      ? []
      : checked.problems.map((one) => ({ ...one, field: names[one.field] ?? one.field })),
  );
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: draft };
}

/** What comes along from the quick answer. */
export interface FromQuick {
  discipline: Discipline;
  purpose: Purpose;
  snow: Omit<ReadingFields, 'takenAt'>;
  /** The screen to go on with. */
  then: 'snow' | 'pick';
}

/** State of the form of a new outing; saving opens it. */
export function useOutingForm(venues: readonly Venue[], quick: FromQuick | undefined) {
  const router = useRouter();
  const resolver = useMemo(
    () => resolverFrom<OutingDraft>((draft) => check(draft, venues)),
    [venues],
  );
  const first = quick && { discipline: quick.discipline, purpose: quick.purpose };
  const form = useDraftedForm('outing', { ...EMPTY, ...first }, resolver);
  const save = async () => {
    const saved = await form.submit((draft, { key }) => {
      const { outing, venue, course } = split(draft, venues);
      const reading = draft.keepSnow && quick ? { ...quick.snow, takenAt: wallIso() } : undefined;
      return saveOutingAction(key, { outing, venue, course, reading });
    });
    if (saved) router.push(`/outing/${saved.id}/${quick?.then ?? 'snow'}`);
  };
  return { ...form, save, leave: () => router.push('/') };
}
