import { contactTemperature, contactWaterPercent, WeatherError } from '../../kernel';
import { SNOW } from '../figures';
import { sharpnessOf, SETTLED_SHARPNESS } from '../grain-shape';
import { correctInto } from './corrected';
import { errorAt, HERE, moveErrors } from './model-error';
import { isFrozen, mayBeCrust, underHoar } from './surface-memory';
import type { State } from './state';

const corrected = { temperatureC: 0, waterPercent: 0 };

/** Keeps the snow of all members at the present step. */
export function record(state: State): void {
  const { columns, probe, history, members, forcing, errors } = state;
  const nowMs = forcing.startMs + state.done * forcing.timeStepS * 1000;
  moveErrors(errors, nowMs, state.random);
  const at = state.timesMs.length * members;
  const i = Math.min(state.done, forcing.steps - 1);
  const forecast = forcing.humidityFraction[i]!;
  for (let m = 0; m < members; m += 1) {
    history.surface[at + m] = columns.surface[m]!;
    history.contact[at + m] = contactTemperature(columns, m, probe);
    history.water[at + m] = contactWaterPercent(columns, m, probe);
    history.error[at + m] = errorAt(errors, errors.sample, { member: m, place: HERE });
    history.dendricity[at + m] = state.grains.dendricity[m]!;
    history.sphericity[at + m] = state.grains.sphericity[m]!;
    history.grainMm[at + m] = state.grains.sizeMm[m]!;
    history.hoar[at + m] = state.hoar[m]!;
    history.hoursSinceWet[at + m] = state.past.hoursSinceWet[m]!;
    // A crust if it is frozen once the error of the model is taken.
    history.crust[at + m] = Number(mayBeCrust(state.past, m));
    const off =
      forcing.humiditySd[i]! * state.drawn.now[WeatherError.count * m + WeatherError.humidity]!;
    history.humidity[at + m] = Math.min(1, Math.max(SNOW.leastHumidity, forecast + off));
  }
  state.densityAt.push(state.densities[0]!);
  state.timesMs.push(nowMs);
}

/**
 * What was recorded with the error of the model taken in, once all readings are: temperature and water, and what
 * follows from them, crust and sharpness.
 */
export function correctedHistory({ history, members, timesMs, densityAt }: State) {
  const shown = {
    contact: history.contact.slice(),
    water: history.water.slice(),
    surface: history.surface.slice(),
    crust: history.crust.slice(),
    sharpness: new Float32Array(history.crust.length),
  };
  for (let at = 0; at < timesMs.length * members; at += 1) {
    const before = { temperatureC: history.contact[at]!, waterPercent: history.water[at]! };
    correctInto(corrected, before, {
      errorK: history.error[at]!,
      densityKgPerM3: densityAt[Math.floor(at / members)]!,
    });
    const { temperatureC, waterPercent } = corrected;
    shown.contact[at] = temperatureC;
    shown.water[at] = waterPercent;
    const surfaceC = history.surface[at]! + temperatureC - before.temperatureC;
    shown.surface[at] = Math.min(0, Math.max(SNOW.coldestSurfaceC, surfaceC));
    if (!isFrozen(corrected)) shown.crust[at] = 0;
    const grain = sharpnessOf(history.dendricity[at]!, history.sphericity[at]!);
    const bite = shown.crust[at] === 1 ? Math.max(SETTLED_SHARPNESS, grain) : grain;
    shown.sharpness[at] = underHoar(bite, history.hoar[at]!);
  }
  return { ...history, ...shown };
}
