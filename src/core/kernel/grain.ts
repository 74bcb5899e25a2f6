import { between } from './between';
import {
  ARRHENIUS_K,
  CALM_FRESH_SPHERICITY,
  COVERING_SNOW_MM,
  DAY_S,
  DENDRICITY_PER_DAY,
  FRESH_DENDRICITY_PER_WIND,
  FRESH_GRAIN_MM,
  FRESH_SPHERICITY_PER_WIND,
  GRADIENT_PER_DAY,
  GRADIENT_POWER,
  GROWTH_MM3_PER_S,
  GROWTH_MM3_PER_S_PER_CUBE,
  LEAST_FRESH_DENDRICITY,
  LEAST_FRESH_SPHERICITY,
  LOW_GRADIENT_K_PER_M,
  MELTING_K,
  MOST_FRESH_DENDRICITY,
  MOST_FRESH_SPHERICITY,
  SPHERE_CUBE_PER_VOLUME,
  SPHERICITY_PER_DAY,
  WET_GRAIN_DAYS,
} from './constants';

/** Grain state of all members. */
export interface Grains {
  dendricity: Doubles;
  sphericity: Doubles;
  /** Diameter, mm. */
  sizeMm: Doubles;
}

/** Grains this round grow while they are wet. */
const ROUND: number = 1 - 1e-9;

/** Dendricity of snow that falls in a wind, m/s, which nobody has checked; see freshSnowShape. */
export function freshDendricity(windMPerS: number): number {
  const blown = MOST_FRESH_DENDRICITY + FRESH_DENDRICITY_PER_WIND * windMPerS;
  return between(blown, LEAST_FRESH_DENDRICITY, 1);
}

/** The same for its sphericity. */
export function freshSphericity(windMPerS: number): number {
  const blown = CALM_FRESH_SPHERICITY + FRESH_SPHERICITY_PER_WIND * windMPerS;
  return between(blown, LEAST_FRESH_SPHERICITY, MOST_FRESH_SPHERICITY);
}

/**
 * Ages one member's grain through a step without allocating: the laws of dryGrainRates and
 * wetGrainRates (Brun 1992). Temperature °C, gradient K/m (absolute), water in % by mass.
 */
export function ageGrainInto(
  grains: Grains,
  member: i32,
  temperatureC: number,
  gradientKPerM: number,
  waterMassPercent: number,
  timeStepS: number,
): void {
  const days = timeStepS / DAY_S;
  const cube = waterMassPercent * waterMassPercent * waterMassPercent;
  let dendricityRate: number = 0;
  let sphericityRate: number = 0;
  if (waterMassPercent > 0) {
    sphericityRate = cube / WET_GRAIN_DAYS;
    dendricityRate = -sphericityRate;
  } else {
    const arrhenius = Math.exp(-ARRHENIUS_K / (temperatureC + MELTING_K));
    if (gradientKPerM <= LOW_GRADIENT_K_PER_M) {
      dendricityRate = -DENDRICITY_PER_DAY * arrhenius;
      sphericityRate = SPHERICITY_PER_DAY * arrhenius;
    } else {
      dendricityRate =
        -GRADIENT_PER_DAY * arrhenius * Math.exp(GRADIENT_POWER * Math.log(gradientKPerM));
      sphericityRate = dendricityRate;
    }
  }
  const dendricity = grains.dendricity[member]! + dendricityRate * days;
  const sphericity = between(grains.sphericity[member]! + sphericityRate * days, 0, 1);
  grains.dendricity[member] = between(dendricity, 0, 1);
  grains.sphericity[member] = sphericity;
  if (waterMassPercent > 0 && sphericity >= ROUND) {
    growInto(
      grains.sizeMm,
      member,
      (GROWTH_MM3_PER_S + GROWTH_MM3_PER_S_PER_CUBE * cube) * timeStepS,
    );
  }
}

/** A grain that gains volume, mm³: d³ grows by 6/π of it. */
function growInto(sizeMm: Doubles, member: i32, gainedMm3: number): void {
  const d = sizeMm[member]!;
  sizeMm[member] = Math.cbrt(d * d * d + SPHERE_CUBE_PER_VOLUME * gainedMm3);
}

/** New snow covers the old: the surface grain goes over to the fresh one as the contact depth fills. */
export function coverWithSnow(
  grains: Grains,
  member: i32,
  snowfallMm: number,
  windMPerS: number,
): void {
  const share = 1 - Math.exp(-snowfallMm / COVERING_SNOW_MM);
  moveTowards(grains.sizeMm, member, share, FRESH_GRAIN_MM);
  moveTowards(grains.dendricity, member, share, freshDendricity(windMPerS));
  moveTowards(grains.sphericity, member, share, freshSphericity(windMPerS));
}

function moveTowards(values: Doubles, member: i32, share: number, aim: number): void {
  const old = values[member]!;
  values[member] = old + share * (aim - old);
}
