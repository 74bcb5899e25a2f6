import { HOUR_MS, MINUTE_MS } from '../units/constants';
import type { ChoiceBasis } from '../terms';
import { HOUSE_LIMITS } from './figures';
import type { BasisReason } from './findings';

/** What the snow is taken from, and why. */
export interface Basis {
  kind: ChoiceBasis;
  reason: BasisReason;
}

/**
 * A measured value wins over a modelled one at its time: a reading from half an hour before the start to
 * six hours after it is taken as it is; otherwise the outlook, which the readings have pulled, where there is one.
 * `modelledMs`: the start of an outlook that reaches it, ms.
 */
export function basisOf(
  modelledMs: number | undefined,
  reading: { takenMs: number } | undefined,
): Basis | undefined {
  const sinceStart =
    reading && modelledMs !== undefined ? reading.takenMs - modelledMs : Number.NaN;
  if (
    sinceStart > HOUSE_LIMITS.measuredFromMin * MINUTE_MS &&
    sinceStart < HOUSE_LIMITS.measuredToH * HOUR_MS
  ) {
    return { kind: 'measured', reason: { code: 'measured_at_start' } };
  }
  if (modelledMs !== undefined) {
    return { kind: 'modelled', reason: { code: 'modelled_for_start' } };
  }
  return reading && { kind: 'measured', reason: { code: 'last_reading' } };
}
