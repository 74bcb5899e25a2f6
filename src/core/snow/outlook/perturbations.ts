import type { RandomSource } from '../../random';
import { HOUR_S } from '../../units/constants';
import { neutralExchange, WeatherError } from '../../kernel';
import { SNOW } from '../figures';

const { roughnessM: ROUGHNESS_M } = SNOW;

const { spread: SPREAD, persistenceH: PERSISTENCE_H, shake: SHAKE } = SNOW;

/**
 * What each member has otherwise than the forecast: constant offsets, and errors of the weather that
 * persist (an autoregression on hourly knots with straight lines between). A value
 * for each {@link WeatherError} of a member in `now`, in standard deviations.
 */
export interface Perturbations {
  now: Float64Array;
  /** Of the roughness of each member; see neutralExchange. */
  neutralExchange: Float64Array;
  albedoOffset: Float64Array;
  startOffsetK: Float64Array;
  /** Brings `now` to a step's middle, seconds from the start. */
  moveTo: (seconds: number) => void;
  /** Lets each member go on as the one named by `parents`, its constants shaken a little apart. */
  resample: (parents: Uint16Array, random: RandomSource) => void;
}

/** Draws the perturbations of `members` members. */
export function perturbations(members: number, random: RandomSource): Perturbations {
  const size = members * WeatherError.count;
  let before = new Float64Array(size);
  let after = new Float64Array(size);
  const keep = Math.exp(-1 / PERSISTENCE_H);
  const fresh = Math.sqrt(1 - keep * keep);
  let knot = 0;

  const drawNext = () => {
    [before, after] = [after, before];
    for (let i = 0; i < size; i += 1) {
      after[i] = keep * before[i]! + fresh * random.normal();
    }
  };
  for (let i = 0; i < size; i += 1) after[i] = random.normal();
  drawNext();
  const constant = (draw: () => number) => Float64Array.from({ length: members }, draw);
  const roughnessM = constant(() => ROUGHNESS_M * Math.exp(SPREAD.roughnessLog * random.normal()));

  return {
    now: new Float64Array(size),
    neutralExchange: roughnessM.map(neutralExchange),
    albedoOffset: constant(() => SPREAD.albedo * random.normal()),
    startOffsetK: constant(() => SPREAD.startProfileK * random.normal()),
    moveTo(seconds) {
      const hours = seconds / HOUR_S;
      while (hours >= knot + 1) {
        drawNext();
        knot += 1;
      }
      const share = hours - knot;
      const { now } = this;
      for (let i = 0; i < size; i += 1) now[i] = before[i]! + share * (after[i]! - before[i]!);
    },
    resample(parents, source) {
      permuteRows(before, parents, WeatherError.count);
      permuteRows(after, parents, WeatherError.count);
      permuteRows(roughnessM, parents, 1);
      permuteRows(this.albedoOffset, parents, 1);
      for (let m = 0; m < members; m += 1) {
        roughnessM[m] = roughnessM[m]! * Math.exp(SHAKE * SPREAD.roughnessLog * source.normal());
        this.neutralExchange[m] = neutralExchange(roughnessM[m]!);
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
