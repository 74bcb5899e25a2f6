import { requireWithin } from '../errors';
import type { Discipline, Purpose } from '../terms';
import type { RobustRanked } from './ranking';

const HOUR_MS = 3_600_000;
export const MOST_TIMES = 6;
/** What the course takes, km/h: racers and others (house); where the lift does the climbing, hours instead. */
const PACE_KM_H: Partial<Record<Discipline, { race: number; other: number }>> = {
  skate: { race: 24, other: 14 },
  classic: { race: 20, other: 11 },
  touring: { race: 7, other: 4 },
};
const LIFT_SERVED_H = 2;
const LONGEST_H = 24;
const LEAST_H = 0.25;
/** Times of the window lie no further apart than this where six are enough, h. */
const SPACING_H = 0.5;
/** A wax of one's own for each start pays from this, % (house: what a paired test can see). */
export const OWN_CHOICE_PAYS_PERCENT = 0.15;

/** How long an outing is on snow, h, where nobody said: distance by the pace of its kind. */
export function estimatedHours(outing: {
  discipline: Discipline;
  purpose: Purpose;
  distanceKm: number;
}): number {
  const pace = PACE_KM_H[outing.discipline];
  if (!pace) return LIFT_SERVED_H;
  const hours = outing.distanceKm / (outing.purpose === 'race' ? pace.race : pace.other);
  return Math.min(LONGEST_H, Math.max(LEAST_H, hours));
}

/** Up to six even times from the start to the end of the hours on snow. 0…24 h, otherwise DomainError. */
export function windowTimes(startMs: number, hours: number): number[] {
  requireWithin('hours', hours, 0, LONGEST_H);
  const count = Math.min(MOST_TIMES, Math.max(1, Math.round(hours / SPACING_H) + 1));
  return Array.from({ length: count }, (_, i) =>
    count === 1 ? startMs : startMs + (i * hours * HOUR_MS) / (count - 1),
  );
}

/** The best wax of one time of the window. */
export interface TimeChoice {
  timeMs: number;
  id: string;
  name: string;
  lossPercent: number;
}

export interface WindowVerdict {
  byTime: TimeChoice[];
  /** What one wax for all costs over the best at each time, %. */
  oneForAllCostPercent: number;
  /** Whether each time should have its own. */
  ownPays: boolean;
}

/** Whether one wax serves the whole window; undefined when the window is one moment or all is excluded. */
export function windowVerdict(
  timesMs: readonly number[],
  ranking: readonly RobustRanked[],
): WindowVerdict | undefined {
  const allowed = ranking.filter((one) => !one.excluded);
  const best = allowed[0];
  if (!best || timesMs.length < 2) return undefined;
  const byTime = timesMs.map((timeMs, t) => {
    // The first of equals is the one that is best over all.
    const winner = allowed.reduce((a, b) => (b.lossByTime[t]! < a.lossByTime[t]! ? b : a));
    return { timeMs, id: winner.id, name: winner.name, lossPercent: winner.lossByTime[t]! };
  });
  const separate = byTime.reduce((sum, one) => sum + one.lossPercent, 0) / timesMs.length;
  const oneForAllCostPercent = Math.max(0, best.expectedLossPercent - separate);
  return {
    byTime,
    oneForAllCostPercent,
    ownPays: oneForAllCostPercent > OWN_CHOICE_PAYS_PERCENT,
  };
}
