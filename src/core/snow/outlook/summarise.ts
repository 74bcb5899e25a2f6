import { humidityOverIceFraction } from '../../air';
import { MODEL_VERSION } from '../../model-version';
import { storedEnergy } from '../column';
import { bandOf } from './bands';
import { effectiveAncestors } from './particle-weights';
import { correctedHistory } from './record';
import { membersAt } from './member-snow';
import type { State } from './state';
import type { Outlook } from './types';

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
  const { members, weights, timesMs } = state;
  const history = correctedHistory(state);
  const band = (rows: Float32Array) => bandOf(rows, members, weights);
  return {
    timesMs,
    surfaceTemperatureC: band(history.surface),
    contactTemperatureC: band(history.contact),
    liquidWaterPercent: band(history.water),
    sharpness: band(history.sharpness),
    dendricity: band(history.dendricity),
    sphericity: band(history.sphericity),
    hoarKgPerM2: band(history.hoar),
    grainSizeMm: band(history.grainMm),
    hoursSinceWet: band(history.hoursSinceWet),
    crustFraction: timesMs.map((_, row) =>
      weights.reduce((sum, w, m) => sum + w * history.crust[row * members + m]!, 0),
    ),
    humidityOverIceFraction: timesMs.map((timeMs) => humidityAt(state, timeMs)),
    effectiveMembers: effectiveAncestors(state),
    surpriseK: state.surpriseK,
    energyResidualRelative: worstResidual(state),
    modelVersion: MODEL_VERSION,
    members: state.input.memberTimesMs?.map((timeMs) => membersAt(state, history, timeMs)),
  };
}
