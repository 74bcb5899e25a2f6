import { DAY_MS, HOUR_MS } from '../units/constants';
import { instantFromLocal, localFromInstant } from '../time';
import type { PlanTechnician } from './types';

/** When the cabin is open, on its clock, as `06:30`; both absent: always. */
export interface OpeningHours {
  opensAt?: string;
  closesAt?: string;
}

/** Each day's opening on the cabin's clock, from the day before one moment to the day after another. */
function openings(
  { opensAt = '00:00', closesAt }: OpeningHours,
  { fromMs, toMs, timeZone }: { fromMs: number; toMs: number; timeZone: string },
): { fromMs: number; toMs: number }[] {
  const spans: { fromMs: number; toMs: number }[] = [];
  const dayOf = (ms: number) => localFromInstant(new Date(ms).toISOString(), timeZone).slice(0, 10);
  const at = (day: string, clock: string) =>
    Date.parse(instantFromLocal(`${day}T${clock}`, timeZone));
  for (let ms = fromMs - DAY_MS; ms <= toMs + DAY_MS; ms += DAY_MS / 2) {
    const day = dayOf(ms);
    const open = at(day, opensAt);
    if (spans.at(-1)?.fromMs === open) continue;
    const sameDay = closesAt === undefined ? undefined : at(day, closesAt);
    // Without an hour to close, or one before it opens, it is open into the next day.
    const nextDay = dayOf(open + DAY_MS + HOUR_MS);
    const close =
      sameDay !== undefined && sameDay > open ? sameDay : at(nextDay, closesAt ?? opensAt);
    spans.push({ fromMs: open, toMs: close });
  }
  return spans;
}

/** Shifts cut to the hours at which the cabin is open, on its own clock, a change of clock included. */
export function openShifts(
  people: readonly PlanTechnician[],
  hours: OpeningHours,
  timeZone: string,
): PlanTechnician[] {
  if (hours.opensAt === undefined && hours.closesAt === undefined) return [...people];
  return people.flatMap((person) => {
    const { fromMs, toMs } = person;
    return openings(hours, { fromMs, toMs, timeZone }).flatMap((open) => {
      const [from, to] = [Math.max(fromMs, open.fromMs), Math.min(toMs, open.toMs)];
      return to > from ? [{ ...person, fromMs: from, toMs: to }] : [];
    });
  });
}
