import { freshSnowShape } from '../metamorphism';
import { PHYSICS } from '../../constants';
import { DAY_S } from '../../units/constants';
import { SNOW } from '../figures';

const { meltingK: MELTING_K } = PHYSICS;
const { contactDepthM: CONTACT_DEPTH_M } = SNOW;

/** Water of a snowfall that covers the contact depth once, mm. */
const COVERING_SNOW_MM = SNOW.fallingDensityKgPerM3 * CONTACT_DEPTH_M;
const { dryGrain: DRY, wetGrainDays: WET_DAYS, wetGrainGrowth: GROWTH } = PHYSICS;
/** Grains this round grow while they are wet. */
const ROUND = 1 - 1e-9;

/** Grain state of all members. */
export interface Grains {
  dendricity: Float64Array;
  sphericity: Float64Array;
  /** Diameter, mm. */
  sizeMm: Float64Array;
}

/** 6/π: from the volume of a sphere to the cube of its diameter. */
const GROWN_BY = SNOW.sphereCubePerVolume;

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
  if (waterMassPercent > 0 && grains.sphericity[member] >= ROUND) {
    const cube = waterMassPercent * waterMassPercent * waterMassPercent;
    growInto(grains.sizeMm, member, (GROWTH.mm3PerS + GROWTH.mm3PerSPerCube * cube) * timeStepS);
  }
}

/** A grain that gains volume, mm³: d³ grows by 6/π of it. */
function growInto(sizeMm: Float64Array, member: number, gainedMm3: number): void {
  const d = sizeMm[member]!;
  sizeMm[member] = Math.cbrt(d * d * d + GROWN_BY * gainedMm3);
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
  const { dendricity, sphericity, sizeMm } = grains;
  sizeMm[member] = sizeMm[member]! + share * (SNOW.freshGrainMm - sizeMm[member]!);
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
    const size = grains.sizeMm[m]!;
    if (kind === 'groomed' && size > SNOW.groomedGrainMm) {
      grains.sizeMm[m] = SNOW.groomedGrainMm + (size - SNOW.groomedGrainMm) * left;
    }
  }
}
