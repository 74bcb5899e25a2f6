import type { correctedHistory } from './record';
import type { State } from './state';
import type { MemberSnow } from './types';

/** The recorded time nearest to one asked for. */
function nearest(timesMs: readonly number[], timeMs: number): number {
  let best = 0;
  timesMs.forEach((one, i) => {
    if (Math.abs(one - timeMs) < Math.abs(timesMs[best]! - timeMs)) best = i;
  });
  return best;
}

/**
 * Members at a time (the nearest recorded one): sorted by contact temperature and drawn systematically by weight,
 * so that each stands for the same share.
 */
export function membersAt(
  { members, weights, timesMs }: State,
  history: ReturnType<typeof correctedHistory>,
  timeMs: number,
): MemberSnow {
  const row = nearest(timesMs, timeMs);
  const from = row * members;
  const order = Array.from({ length: members }, (_, m) => m).sort(
    (a, b) => history.contact[from + a]! - history.contact[from + b]!,
  );
  const snow: Required<MemberSnow> = {
    timeMs: timesMs[row]!,
    temperatureC: new Float32Array(members),
    waterPercent: new Float32Array(members),
    sharpness: new Float32Array(members),
    isCrust: new Uint8Array(members),
    grainMm: new Float32Array(members),
    humidity: new Float32Array(members),
  };
  let k = 0;
  let reached = weights[order[0]!]!;
  for (let j = 0; j < members; j += 1) {
    while (k < members - 1 && reached < (j + 0.5) / members) reached += weights[order[++k]!]!;
    const at = from + order[k]!;
    snow.temperatureC[j] = history.contact[at]!;
    snow.waterPercent[j] = history.water[at]!;
    snow.sharpness[j] = history.sharpness[at]!;
    snow.isCrust[j] = history.crust[at]!;
    snow.grainMm[j] = history.grainMm[at]!;
    snow.humidity[j] = history.humidity[at]!;
  }
  return snow;
}
