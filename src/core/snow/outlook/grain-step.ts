import { freshSnowShape } from '../metamorphism';
import { DAY_S, PHYSICS } from '../../constants';
import { SNOW } from '../figures';

const { meltingK: MELTING_K } = PHYSICS;
const { contactDepthM: CONTACT_DEPTH_M } = SNOW;

/** Water of a snowfall that covers the contact depth once, mm. */
const COVERING_SNOW_MM = SNOW.fallingDensityKgPerM3 * CONTACT_DEPTH_M;
const { dryGrain: DRY, wetGrainDays: WET_DAYS } = PHYSICS;

/** Grain state of all members. */
export interface Grains {
  dendricity: Float64Array;
  sphericity: Float64Array;
}

const clamp = (value: number) => (value < 0 ? 0 : value > 1 ? 1 : value);

/**
 * Ages one member's grain through a step without allocating: the laws of dryGrainRates and
 * wetGrainRates (Brun 1992). Temperature °C, gradient K/m (absolute), water in % by mass.
 */
export function ageGrainInto(
  grains: Grains,
  member: number,
  temperatureC: number,
  gradientKPerM: number,
  waterMassPercent: number,
  timeStepS: number,
): void {
  const days = timeStepS / DAY_S;
  let dendricityRate: number;
  let sphericityRate: number;
  if (waterMassPercent > 0) {
    sphericityRate = (waterMassPercent * waterMassPercent * waterMassPercent) / WET_DAYS;
    dendricityRate = -sphericityRate;
  } else {
    const arrhenius = Math.exp(-DRY.arrheniusK / (temperatureC + MELTING_K));
    if (gradientKPerM <= DRY.lowGradientKPerM) {
      dendricityRate = -DRY.dendricityPerDay * arrhenius;
      sphericityRate = DRY.sphericityPerDay * arrhenius;
    } else {
      dendricityRate =
        -DRY.gradientPerDay * arrhenius * Math.exp(DRY.gradientPower * Math.log(gradientKPerM));
      sphericityRate = dendricityRate;
    }
  }
  grains.dendricity[member] = clamp(grains.dendricity[member]! + dendricityRate * days);
  grains.sphericity[member] = clamp(grains.sphericity[member]! + sphericityRate * days);
}

/** New snow covers the old: the surface grain goes over to the fresh one as the contact depth fills. */
export function coverWithSnow(
  grains: Grains,
  member: number,
  snowfallMm: number,
  windMPerS: number,
): void {
  const share = 1 - Math.exp(-snowfallMm / COVERING_SNOW_MM);
  const fresh = freshSnowShape(Math.min(100, windMPerS));
  const { dendricity, sphericity } = grains;
  dendricity[member] = dendricity[member]! + share * (fresh.dendricity - dendricity[member]!);
  sphericity[member] = sphericity[member]! + share * (fresh.sphericity - sphericity[member]!);
}

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
  }
}
