import type { Venue } from '@/core/model';
import { outingSchema, venueSchema } from '@/formats/schemas/outing';
import { validate, type Validated } from '@/formats/schemas/validation';
import { split, type OutingDraft } from './outing-draft';

const OUTING_FIELD: Record<string, string> = { startAt: 'startLocal' };
const VENUE_FIELD: Record<string, string> = { name: 'venueName' };

/** What is wrong with a new outing as typed, at the fields that it was typed into. */
export function checkOuting(draft: OutingDraft, venues: readonly Venue[]): Validated<unknown> {
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
