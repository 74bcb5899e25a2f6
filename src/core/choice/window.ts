import { HOUR_MS } from '../units/constants';
import { requireWithin } from '../errors';
import type { Discipline, Purpose } from '../terms';
import { CHOICE, CHOICE_LIMITS } from './figures';
import type { RobustRanked } from './ranking';

export const MOST_TIMES = CHOICE.mostTimes;
/** What the course takes, km/h; where the lift does the climbing, hours instead. */
const PACE_KM_H: Partial<Record<Discipline, { race: number; other: number }>> = CHOICE.paceKmH;
const [LEAST_H, LONGEST_H] = CHOICE_LIMITS.hoursOnSnow.range;
const { spacingH: SPACING_H, liftServedH: LIFT_SERVED_H } = CHOICE;
/** A wax of one's own for each start pays from this, %. */
export const OWN_CHOICE_PAYS_PERCENT = CHOICE.ownChoicePaysPercent;

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
  requireWithin('hours', { value: hours, low: 0, high: LONGEST_H });
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
