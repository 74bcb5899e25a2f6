import { WETNESSES } from '../../terms';
import { PHYSICS } from '../../constants';
import { HOUR_MS } from '../../units/constants';
import { weightedQuantile } from '../../statistics';
import { contactTemperature, contactWaterPercent } from '../../kernel';
import { grainShape } from '../grain-shape';
import { SNOW } from '../figures';
import { kelvinPerPercent } from './corrected';
import {
  errorAt,
  HERE,
  inflateErrors,
  keptAfter,
  moveErrors,
  observeErrors,
  permuteErrors,
  varianceAt,
} from './model-error';
import {
  effectiveAncestors,
  needsResampling,
  systematicParents,
  weighByInnovation,
} from './particle-weights';
import { permuteRows } from './perturbations';
import { MEASURES, type State } from './state';
import type { ContactReading } from './types';

const { reading: FIGURES, snowballSdPercent: SNOWBALL_SD, seenGrain: SEEN } = SNOW;
const MIDDLE = 0.5;
const { moist, wet, veryWet, soaked } = PHYSICS.wetnessPercent;
/** Water of each class of the snowball, % by volume, from and to. */
const CLASS_EDGES = [0, moist, wet, veryWet, soaked, Infinity];

/** Lets the readings of the step just done weigh and move the members, and draws them anew when few are left. */
export function assimilate(state: State, untilMs: number): void {
  const { readings } = state;
  while (state.nextReading < readings.length && readings[state.nextReading]!.timeMs <= untilMs) {
    takeReading(state, readings[state.nextReading]!, untilMs);
    state.nextReading += 1;
  }
}

function takeReading(state: State, reading: ContactReading, nowMs: number): void {
  moveErrors(state.errors, nowMs, state.random);
  const place =
    reading.elsewhere === undefined ? HERE : 1 + HERE + state.otherSpots.indexOf(reading.elsewhere);
  // Snow with free water is at 0 °C whatever the probe says.
  const isWet = reading.wetness !== undefined && reading.wetness !== 'dry';
  if (!isWet) takeHeat(state, { place, ...heatOfTemperature(state, reading) });
  if (reading.wetness) takeHeat(state, { place, ...heatOfWetness(state, reading.wetness) });
  if (reading.grain) takeGrain(state, reading);
  if (needsResampling(state.weights)) resample(state);
}

/** An observation of the contact layer's heat: temperature, °C, and above it water as kelvins. */
interface HeatSeen {
  /** What the model has for each member, without its errors. */
  heat: Float64Array;
  sdK: number;
  /** Observed less predicted, K, for what a member predicts; `noiseK` is drawn for one member's sample. */
  off: (predicted: number, noiseK: number) => number;
}

function heatOf(state: State, isInfrared = false): Float64Array {
  const { columns, probe } = state;
  const perPercent = kelvinPerPercent(state.densities[0]!);
  return Float64Array.from({ length: state.members }, (_, m) => {
    const t = isInfrared ? columns.surface[m]! : contactTemperature(columns, m, probe);
    return t + perPercent * contactWaterPercent(columns, m, probe);
  });
}

function heatOfTemperature(state: State, reading: ContactReading): HeatSeen {
  const { temperatureC, isInfrared } = reading;
  const sdK = Math.max(isInfrared ? FIGURES.infraredSdC : FIGURES.leastSdC, reading.sdC);
  // Near 0 °C a reading does not tell wet snow from dry; well below it no snow is wet.
  const mayBeWet = temperatureC > -FIGURES.zeroWithinSd * sdK;
  return {
    heat: heatOf(state, isInfrared),
    sdK,
    off: (predicted, noiseK) =>
      mayBeWet
        ? Math.min(0, temperatureC + noiseK) - Math.min(0, predicted)
        : temperatureC + noiseK - predicted,
  };
}

function heatOfWetness(state: State, wetness: (typeof WETNESSES)[number]): HeatSeen {
  const perPercent = kelvinPerPercent(state.densities[0]!);
  const at = WETNESSES.indexOf(wetness);
  const [from, to] = [CLASS_EDGES[at]! * perPercent, CLASS_EDGES[at + 1]! * perPercent];
  const heat = heatOf(state);
  // A hand tells wet snow from frozen as well as a probe does, and one wetness from another worse.
  const isFrozen = weightedQuantile(heat, state.weights, MIDDLE) < from;
  return {
    heat,
    sdK: isFrozen ? FIGURES.leastSdC : SNOWBALL_SD[at]! * perPercent,
    off: (predicted) => {
      if (wetness === 'dry') return Math.min(predicted, to) - predicted;
      return Math.min(Math.max(predicted, from), to) - predicted;
    },
  };
}

/**
 * Weighs the members by an observation and moves their errors. One far outside what the members explain makes the
 * errors as large as it asks (innovation-based inflation, Li, Kalnay & Miyoshi 2009), and larger until enough members
 * keep a say: it is believed, and the weights stay tempered.
 */
function takeHeat(state: State, { heat, sdK, off, place }: HeatSeen & { place: number }): void {
  const { errors, members, weights } = state;
  const variance = sdK * sdK;
  const predicted = (m: number, values: Float64Array) =>
    heat[m]! + errorAt(errors, values, { member: m, place });
  const offs = Float64Array.from({ length: members }, (_, m) => off(predicted(m, errors.mean), 0));
  const middle = weightedQuantile(offs, weights, MIDDLE);
  const spread = offs.reduce((sum, one, m) => sum + weights[m]! * (one - middle) ** 2, 0);
  const expected = spread + variance + varianceAt(errors, place);
  if (Math.abs(middle) > FIGURES.surprisedBeyondSd * Math.sqrt(expected)) {
    state.surpriseK = middle;
    const asked = (middle * middle - variance) / varianceAt(errors, place);
    inflateErrors(errors, place, Math.max(1, asked));
  }
  const before = weights.slice();
  const had = effectiveAncestors(state);
  for (let k = 0; k <= FIGURES.mostTempering; k += 1) {
    weights.set(before);
    weighByInnovation(weights, offs, varianceAt(errors, place) + variance);
    if (effectiveAncestors(state) >= FIGURES.leastShare * had) break;
    inflateErrors(errors, place, FIGURES.temperingStep);
  }
  const old = Float64Array.from({ length: members }, (_, m) =>
    errorAt(errors, errors.sample, { member: m, place: HERE }),
  );
  observeErrors(errors, place, {
    variance,
    innovation: (m, of) =>
      of === 'mean' ? offs[m]! : off(predicted(m, errors.sample), sdK * state.random.normal()),
  });
  smooth(state, old);
}

/** What an error is found to be now it was, in part, in the hours before. */
function smooth({ errors, history, members, timesMs }: State, old: Float64Array): void {
  const moved = old.map(
    (was, m) => errorAt(errors, errors.sample, { member: m, place: HERE }) - was,
  );
  timesMs.forEach((timeMs, row) => {
    const kept = keptAfter((errors.timeMs - timeMs) / HOUR_MS);
    for (let m = 0; m < members; m += 1) {
      const at = row * members + m;
      history.error[at] = history.error[at]! + kept * moved[m]!;
    }
  });
}

/** Moves the grains toward the class that was seen, as far as eyes are better than the model. */
function takeGrain({ grains, members }: State, { grain, elsewhere }: ContactReading): void {
  const seen = grainShape(grain!);
  const sd = elsewhere === undefined ? SEEN.sharpnessSd : SEEN.sharpnessSd + SEEN.elsewhereSd;
  const gain = SEEN.modelSd ** 2 / (SEEN.modelSd ** 2 + sd ** 2);
  const { dendricity, sphericity } = grains;
  for (let m = 0; m < members; m += 1) {
    dendricity[m] = dendricity[m]! + gain * (seen.dendricity - dendricity[m]!);
    sphericity[m] = sphericity[m]! + gain * (seen.sphericity - sphericity[m]!);
  }
}

function resample(state: State): void {
  const parents = systematicParents(state.weights, state.random);
  const { columns, members } = state;
  const { layers } = columns.grid;
  permuteRows(columns.temperature, parents, layers);
  permuteRows(columns.water, parents, layers);
  for (const one of [
    columns.totalWater,
    columns.surface,
    columns.energyIn,
    columns.energyMoved,
    state.albedo,
    ...Object.values(state.grains),
    ...Object.values(state.past),
    state.hoar,
    state.startEnergy,
  ]) {
    permuteRows(one, parents, 1);
  }
  permuteErrors(state.errors, parents);
  state.drawn.resample(parents, state.random);
  state.ancestors = parents.map((parent) => state.ancestors[parent]!);
  for (const measure of MEASURES) {
    for (let t = 0; t < state.timesMs.length; t += 1) {
      permuteRows(state.history[measure].subarray(t * members, (t + 1) * members), parents, 1);
    }
  }
  state.weights.fill(1 / members);
}
