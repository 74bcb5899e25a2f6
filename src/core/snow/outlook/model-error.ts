import { HOUR_MS } from '../../units/constants';
import type { RandomSource } from '../../random';
import { SNOW } from '../figures';
import { permuteRows } from './perturbations';

const {
  venueK: VENUE_K,
  spotK: SPOT_K,
  persistenceH: PERSISTENCE_H,
  forgetsK: FORGETS_K,
} = SNOW.modelError;

/** Which error is whose: the venue's, then that of this place, then those of other spots that were measured. */
const VENUE = 0;
export const HERE = 1;

/**
 * How far the model's contact temperature is off, K: Gaussian autoregressions, one for the whole venue and one for
 * each place. Given its weather a member's errors are Gaussian with a mean of its own and a covariance that all
 * share, so that readings move them exactly (a Rao-Blackwellised filter, Doucet et al. 2000); `sample` is one draw
 * for each member, moved along with it.
 */
export interface ModelErrors {
  count: number;
  timeMs: number;
  /** Row by member, `count` entries each. */
  mean: Float64Array;
  sample: Float64Array;
  /** count × count. */
  covariance: Float64Array;
}

const sdOf = (k: number) => (k === VENUE ? VENUE_K : SPOT_K);

/** Errors of `members` members before any reading, for this place and `others` other spots. */
export function modelErrors(
  members: number,
  { others, timeMs, random }: { others: number; timeMs: number; random: RandomSource },
): ModelErrors {
  const count = 2 + others;
  const covariance = new Float64Array(count * count);
  for (let k = 0; k < count; k += 1) covariance[k * count + k] = sdOf(k) * sdOf(k);
  return {
    count,
    timeMs,
    mean: new Float64Array(members * count),
    sample: Float64Array.from({ length: members * count }, (_, i) => {
      return sdOf(i % count) * random.normal();
    }),
    covariance,
  };
}

/** What is left of an error after some hours. */
export const keptAfter = (hours: number): number => Math.exp(-hours / PERSISTENCE_H);

/** Carries the errors on to an instant. */
export function moveErrors(errors: ModelErrors, timeMs: number, random: RandomSource): void {
  const keep = keptAfter((timeMs - errors.timeMs) / HOUR_MS);
  errors.timeMs = timeMs;
  if (keep === 1) return;
  const { count, mean, sample, covariance } = errors;
  const fresh = Math.sqrt(1 - keep * keep);
  for (let i = 0; i < mean.length; i += 1) {
    mean[i] = keep * mean[i]!;
    sample[i] = keep * sample[i]! + fresh * sdOf(i % count) * random.normal();
  }
  for (let k = 0; k < covariance.length; k += 1) {
    const isOwn = k % (count + 1) === 0;
    const own = isOwn ? sdOf(k / (count + 1)) * fresh : 0;
    covariance[k] = keep * keep * covariance[k]! + own * own;
  }
}

/** The error of a member at a place (HERE or another spot), K. */
export function errorAt(
  { count }: Pick<ModelErrors, 'count'>,
  values: Float64Array,
  { member, place }: { member: number; place: number },
): number {
  return values[member * count + VENUE]! + values[member * count + place]!;
}

/** Variance of the error at a place, K². */
export const varianceAt = ({ count, covariance }: ModelErrors, place: number): number =>
  covariance[0]! + 2 * covariance[place]! + covariance[place * count + place]!;

/**
 * Makes all errors as many times likelier to be large: a reading at a place is further off than they explain. Readings
 * that contradict each other again and again would make them larger without end, until no figure is left: then what
 * was known of them before is forgotten, and they are as wide at that place as was asked.
 */
export function inflateErrors(errors: ModelErrors, place: number, factor: number): void {
  const { covariance, count } = errors;
  const wanted = factor * varianceAt(errors, place);
  const own = Array.from({ length: count }, (_, k) => factor * covariance[k * count + k]!);
  if (Math.max(...own) <= FORGETS_K * FORGETS_K) {
    for (let k = 0; k < covariance.length; k += 1) covariance[k] = covariance[k]! * factor;
    return;
  }
  const share = wanted / (VENUE_K * VENUE_K + SPOT_K * SPOT_K);
  covariance.fill(0);
  for (let k = 0; k < count; k += 1) covariance[k * count + k] = share * sdOf(k) * sdOf(k);
}

/**
 * Moves the errors by what was observed at a place: `innovation` gives observed less predicted of a member, for its
 * mean and for its sample, K; `variance` is that of the observation, K².
 */
export function observeErrors(
  errors: ModelErrors,
  place: number,
  {
    variance,
    innovation,
  }: { variance: number; innovation: (member: number, of: 'mean' | 'sample') => number },
): void {
  const { count, mean, sample, covariance } = errors;
  const reach = Float64Array.from({ length: count }, (_, k) => {
    return covariance[k * count + VENUE]! + covariance[k * count + place]!;
  });
  const total = varianceAt(errors, place) + variance;
  const members = mean.length / count;
  for (let member = 0; member < members; member += 1) {
    const ofMean = innovation(member, 'mean') / total;
    const ofSample = innovation(member, 'sample') / total;
    for (let k = 0; k < count; k += 1) {
      const at = member * count + k;
      mean[at] = mean[at]! + reach[k]! * ofMean;
      sample[at] = sample[at]! + reach[k]! * ofSample;
    }
  }
  for (let k = 0; k < count; k += 1) {
    for (let l = 0; l < count; l += 1) {
      covariance[k * count + l] = covariance[k * count + l]! - (reach[k]! * reach[l]!) / total;
    }
  }
}

/** Lets each member take over the errors of its parent. */
export function permuteErrors({ mean, sample, count }: ModelErrors, parents: Uint16Array): void {
  permuteRows(mean, parents, count);
  permuteRows(sample, parents, count);
}
