import { contactTemperature } from '../column';
import { needsResampling, systematicParents, weighByReading } from './particle-weights';
import { permuteRows } from './perturbations';
import { MEASURES, type State } from './state';

/** Lets the readings of the step just done weigh the members, and resamples when few are left. */
export function assimilate(state: State, untilMs: number): void {
  const { readings, weights, members, columns, probe } = state;
  while (state.nextReading < readings.length && readings[state.nextReading]!.timeMs <= untilMs) {
    const reading = readings[state.nextReading]!;
    const values = new Float64Array(members);
    for (let m = 0; m < members; m += 1) values[m] = contactTemperature(columns, m, probe);
    weighByReading(weights, { values, reading: reading.temperatureC, sd: reading.sdC });
    state.nextReading += 1;
    if (needsResampling(weights)) resample(state);
  }
}

function resample(state: State): void {
  const parents = systematicParents(state.weights, state.random);
  const { columns, members } = state;
  const { layers } = columns.grid;
  permuteRows(columns.temperature, parents, layers);
  permuteRows(columns.water, parents, layers);
  for (const one of [
    columns.surface,
    columns.energyIn,
    columns.energyMoved,
    state.albedo,
    state.grains.dendricity,
    state.grains.sphericity,
    state.hoar,
    state.startEnergy,
  ]) {
    permuteRows(one, parents, 1);
  }
  state.drawn.resample(parents, state.random);
  state.ancestors = parents.map((parent) => state.ancestors[parent]!);
  for (const measure of MEASURES) {
    for (let t = 0; t < state.timesMs.length; t += 1) {
      permuteRows(state.history[measure].subarray(t * members, (t + 1) * members), parents, 1);
    }
  }
  state.weights.fill(1 / members);
}
