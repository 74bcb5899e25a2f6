import { WETNESSES } from '../terms';
import type { SnowConditions } from '../wax';
import { PAST } from './figures';

/** A day as it is compared: what its snow asked for, and the snow. */
export interface ComparedDay {
  equivalentC: number;
  snow: Pick<SnowConditions, 'humidityFraction' | 'wetness' | 'grain' | 'origin'>;
}

/** By what two days differ, each part in units of its scale. */
export const LIKENESS_PARTS = ['equivalent', 'humidity', 'wetness', 'grain', 'origin'] as const;
export type LikenessPart = (typeof LIKENESS_PARTS)[number];

export interface Likeness {
  /** 0 for the same day; 1 for a difference as large as one scale. */
  distance: number;
  parts: Record<LikenessPart, number>;
  /** Like it, near it, or another kind of day. */
  kind: 'like' | 'near' | 'other';
}

/**
 * How alike two days are: the root of the sum of the squared differences, each by its own scale. Grains that nobody
 * looked at differ from none. Symmetric; 0 for a day and itself.
 */
export function likeness(a: ComparedDay, b: ComparedDay): Likeness {
  const isOther = (one: unknown, other: unknown) =>
    one !== undefined && other !== undefined && one !== other;
  const steps = Math.abs(WETNESSES.indexOf(a.snow.wetness) - WETNESSES.indexOf(b.snow.wetness));
  const parts: Likeness['parts'] = {
    equivalent: Math.abs(a.equivalentC - b.equivalentC) / PAST.equivalentK,
    humidity: Math.abs(a.snow.humidityFraction - b.snow.humidityFraction) / PAST.humidity,
    wetness: steps * PAST.wetnessStep,
    grain: isOther(a.snow.grain, b.snow.grain) ? PAST.otherGrain : 0,
    origin: isOther(a.snow.origin, b.snow.origin) ? PAST.otherOrigin : 0,
  };
  const distance = Math.hypot(...Object.values(parts));
  return {
    distance,
    parts,
    kind: distance <= PAST.like ? 'like' : distance <= PAST.near ? 'near' : 'other',
  };
}

/** Days that are like one or near it, the nearest first. */
export function daysLike<T extends ComparedDay>(
  day: ComparedDay,
  past: readonly T[],
): { day: T; likeness: Likeness }[] {
  return past
    .map((one) => ({ day: one, likeness: likeness(day, one) }))
    .filter(({ likeness: how }) => how.kind !== 'other')
    .sort((a, b) => a.likeness.distance - b.likeness.distance);
}
