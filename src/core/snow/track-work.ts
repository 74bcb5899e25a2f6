import { DAY_MS, HOUR_MS } from '../units/constants';
import { instantFromLocal, localFromInstant } from '../time';
import { SNOW } from './figures';
import type { SurfaceEvent } from './outlook';

/** A groomer that was seen stands for the usual one of its night. */
const SAME_NIGHT_MS = SNOW.sameNightH * HOUR_MS;

/**
 * Grooming and traffic about a start: as entered, and every night at the venue's usual hour where nobody entered a
 * groomer for that night. In order of time.
 */
export function trackWork(
  entered: readonly SurfaceEvent[],
  { venue, startMs }: { venue: { groomedAt?: string; timeZone: string }; startMs: number },
): SurfaceEvent[] {
  const seen = entered.filter(({ kind }) => kind === 'groomed');
  const usual = usualGrooming(venue, startMs).filter(({ timeMs }) =>
    seen.every((one) => Math.abs(one.timeMs - timeMs) > SAME_NIGHT_MS),
  );
  return [...entered, ...usual].sort((a, b) => a.timeMs - b.timeMs);
}

function usualGrooming(
  { groomedAt, timeZone }: { groomedAt?: string; timeZone: string },
  startMs: number,
): SurfaceEvent[] {
  if (groomedAt === undefined) return [];
  const [before, after] = [SNOW.runUp.mostH, SNOW.groomedAfterStartH].map((h) => h * HOUR_MS);
  const days = Math.ceil((before! + after!) / DAY_MS);
  return Array.from({ length: days + 1 }, (_, day) => {
    const iso = new Date(startMs - before! + day * DAY_MS).toISOString();
    const date = localFromInstant(iso, timeZone).slice(0, 'YYYY-MM-DD'.length);
    const timeMs = Date.parse(instantFromLocal(`${date}T${groomedAt}`, timeZone));
    return { timeMs, kind: 'groomed' as const };
  });
}
