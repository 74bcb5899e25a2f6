import type { Limit } from './figure';
import type { FindingOf, NoFigures } from './finding';

/** What a caller can get wrong, with the figures of it. */
export type Mistake = FindingOf<{
  out_of_range: { low?: number; high?: number };
  empty_shelf: { kind: 'glide' | 'grip' };
  too_few: { least: number };
  gap_grows: { positionCm: number };
  twice: { positionCm: number };
  weights_apart: { skierKg: number; measuredKg: number };
  zone_too_long: { endCm: number; skiLengthCm: number };
  no_pocket: { widestMm: number };
  ends_swapped: NoFigures;
  label_swapped: NoFigures;
  melts_too_high: { meltingC: number; baseMostC: number };
  outside_weather: { time: string };
  no_weather: NoFigures;
  low_above_high: NoFigures;
  not_in_order: NoFigures;
  too_short: { leastHours: number };
  weather_gap: { mostHours: number; from: string; to: string };
  not_a_number: NoFigures;
  bad_time: NoFigures;
  contradiction: NoFigures;
}>;

/** The one error a pure function throws for a caller's mistake (NaN included). */
export class DomainError extends Error {
  constructor(
    readonly mistake: Mistake,
    readonly field: string,
    readonly value: unknown,
  ) {
    super(`${mistake.code}: ${field} = ${String(value)}`);
    this.name = 'DomainError';
  }

  get code(): Mistake['code'] {
    return this.mistake.code;
  }
}

/**
 * Returns `value` when it is a finite number within [low, high]; otherwise throws DomainError
 * `out_of_range` naming the field.
 */
export function requireWithin(
  field: string,
  { value, low, high }: { value: number; low: number; high: number },
): number {
  if (!Number.isFinite(value) || value < low || value > high) {
    throw new DomainError({ code: 'out_of_range', low, high }, field, value);
  }
  return value;
}

/** The same with the range of a {@link Limit}. */
export const requireIn = (field: string, value: number, { range }: Pick<Limit, 'range'>): number =>
  requireWithin(field, { value, low: range[0], high: range[1] });
