import { humidityOverIceFraction } from '../../air';
import { MODEL_VERSION } from '../../model-version';
import { storedEnergy } from '../column';
import { bandOf } from './bands';
import { effectiveNumber } from './particle-weights';
import { membersAt } from './member-snow';
import type { State } from './state';
import type { Outlook } from './types';

/** Effective number of the first members that still have a say. */
function effectiveAncestors(state: State): number {
  const byAncestor = new Float64Array(state.members);
  for (let m = 0; m < state.members; m += 1) {
    const ancestor = state.ancestors[m]!;
    byAncestor[ancestor] = byAncestor[ancestor]! + state.weights[m]!;
  }
  return effectiveNumber(byAncestor);
}

function worstResidual(state: State): number {
  const { columns, step } = state;
  let worst = 0;
  for (let m = 0; m < state.members; m += 1) {
    const gained = storedEnergy(columns, m, step.conduction.capacity) - state.startEnergy[m]!;
    const moved = Math.max(1, columns.energyMoved[m]!);
    worst = Math.max(worst, Math.abs(gained - columns.energyIn[m]!) / moved);
  }
  return worst;
}

function humidityAt(state: State, timeMs: number): number {
  const { forcing } = state;
  const i = Math.floor((timeMs - forcing.startMs) / (forcing.timeStepS * 1000));
  const k = Math.min(forcing.steps - 1, Math.max(0, i));
  return humidityOverIceFraction(
    forcing.airTemperatureC[k]!,
    Math.min(1, forcing.humidityFraction[k]!),
  );
}

/** The bands of all that was recorded, with what the readings left and what the energy misses. */
export function summarise(state: State): Outlook {
  const { history, members, weights, timesMs } = state;
  const band = (rows: Float32Array) => bandOf(rows, members, weights);
  const sharp = history.dendricity.map((d, k) => d + 0.5 * (1 - d) * (1 - history.sphericity[k]!));
  return {
    timesMs,
    surfaceTemperatureC: band(history.surface),
    contactTemperatureC: band(history.contact),
    liquidWaterPercent: band(history.water),
    sharpness: band(sharp),
    dendricity: band(history.dendricity),
    sphericity: band(history.sphericity),
    hoarKgPerM2: band(history.hoar),
    humidityOverIceFraction: timesMs.map((timeMs) => humidityAt(state, timeMs)),
    effectiveMembers: effectiveAncestors(state),
    energyResidualRelative: worstResidual(state),
    modelVersion: MODEL_VERSION,
    members: state.input.memberTimesMs?.map((timeMs) => membersAt(state, timeMs)),
  };
}
