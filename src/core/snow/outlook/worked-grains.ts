import type { Grains } from '../../kernel';
import { SNOW } from '../figures';

/** Passes of groomers or skiers break branches and round what is left (house). */
export function workGrains(
  grains: Grains,
  kind: keyof typeof SNOW.roundingPerPass,
  passes: number,
): void {
  const left = Math.exp(passes * Math.log(1 - SNOW.roundingPerPass[kind]));
  for (let m = 0; m < grains.dendricity.length; m += 1) {
    grains.dendricity[m] = grains.dendricity[m]! * left;
    grains.sphericity[m] = 1 - (1 - grains.sphericity[m]!) * left;
    const size = grains.sizeMm[m]!;
    if (kind === 'groomed' && size > SNOW.groomedGrainMm) {
      grains.sizeMm[m] = SNOW.groomedGrainMm + (size - SNOW.groomedGrainMm) * left;
    }
  }
}
