import type { RandomSource } from '../../random';
import { ROUGHNESS_M } from '../column/constants';
import { SPREAD } from './surfaces';

const SECONDS_PER_HOUR = 3600;
/** Air temperature, humidity, cloud, wind. */
const VARYING = 4;
/** Share of the prior spread by which copies of one member are set apart (Gordon et al. 1993, roughening). */
const SHAKE = 0.2;

/**
 * What each member has otherwise than the forecast: constant offsets, and errors of the weather that
 * persist (an autoregression on hourly knots with straight lines between). Four values a member in
 * `now`: air temperature, K; humidity; cloud; log of wind.
 */
export interface Perturbations {
  now: Float64Array;
  roughnessM: Float64Array;
  albedoOffset: Float64Array;
  startOffsetK: Float64Array;
  /** Brings `now` to a step's middle, seconds from the start. */
  moveTo: (seconds: number) => void;
  /** Lets each member go on as the one named by `parents`, its constants shaken a little apart. */
  resample: (parents: Uint16Array, random: RandomSource) => void;
}

const SDS = [SPREAD.airTemperatureK, SPREAD.humidity, SPREAD.cloud, SPREAD.windLog];

/** Draws the perturbations of `members` members. */
export function perturbations(members: number, random: RandomSource): Perturbations {
  const size = members * VARYING;
  let before = new Float64Array(size);
  let after = new Float64Array(size);
  const now = new Float64Array(size);
  const keep = Math.exp(-1 / SPREAD.persistenceH);
  const fresh = Math.sqrt(1 - keep * keep);
  let knot = 0;

  const drawNext = () => {
    [before, after] = [after, before];
    for (let i = 0; i < size; i += 1) {
      after[i] = keep * before[i]! + fresh * SDS[i % VARYING]! * random.normal();
    }
  };
  for (let i = 0; i < size; i += 1) after[i] = SDS[i % VARYING]! * random.normal();
  drawNext();
  const constant = (draw: () => number) => Float64Array.from({ length: members }, draw);

  return {
    now,
    roughnessM: constant(() => ROUGHNESS_M * Math.exp(SPREAD.roughnessLog * random.normal())),
    albedoOffset: constant(() => SPREAD.albedo * random.normal()),
    startOffsetK: constant(() => SPREAD.startProfileK * random.normal()),
    moveTo(seconds) {
      const hours = seconds / SECONDS_PER_HOUR;
      while (hours >= knot + 1) {
        drawNext();
        knot += 1;
      }
      const share = hours - knot;
      for (let i = 0; i < size; i += 1) now[i] = before[i]! + share * (after[i]! - before[i]!);
    },
    resample(parents, source) {
      permuteRows(before, parents, VARYING);
      permuteRows(after, parents, VARYING);
      permuteRows(this.roughnessM, parents, 1);
      permuteRows(this.albedoOffset, parents, 1);
      for (let m = 0; m < members; m += 1) {
        this.roughnessM[m] =
          this.roughnessM[m]! * Math.exp(SHAKE * SPREAD.roughnessLog * source.normal());
        this.albedoOffset[m] = this.albedoOffset[m]! + SHAKE * SPREAD.albedo * source.normal();
      }
    },
  };
}

/** Replaces each row (of `width` entries) by its parent's. */
export function permuteRows(
  values: Float64Array | Float32Array,
  parents: Uint16Array,
  width: number,
): void {
  const old = values.slice();
  for (let row = 0; row < parents.length; row += 1) {
    const from = parents[row]! * width;
    for (let k = 0; k < width; k += 1) values[row * width + k] = old[from + k]!;
  }
}
