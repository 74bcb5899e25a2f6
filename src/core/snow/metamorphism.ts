import { PHYSICS } from '../constants';
import { DAY_S } from '../units/constants';
import { freshDendricity, freshSphericity } from '../kernel/grain';
import { DomainError, requireIn, requireWithin } from '../errors';
import { SNOW_LIMITS } from './figures';
import type { GrainShape } from './grain-shape';

const { meltingK, dryGrain: DRY, wetGrainDays: WET_DAYS } = PHYSICS;

/** Rates of dendricity and sphericity, 1/day. */
export interface GrainRates {
  dendricityPerDay: number;
  sphericityPerDay: number;
}

/**
 * Rates of change of dry snow grains, 1/day. `temperatureC` −90…0, `gradientKPerM` ≥ 0 (absolute
 * value), otherwise DomainError. Below 5 K/m grains round; above, they facet. Brun (1992).
 * Example: −10 °C, 2 K/m → dδ −0.02505, ds +0.12525 per day.
 */
export function dryGrainRates(temperatureC: number, gradientKPerM: number): GrainRates {
  requireIn('temperatureC', temperatureC, SNOW_LIMITS.temperatureC);
  requireWithin('gradientKPerM', { value: gradientKPerM, low: 0, high: 1e5 });
  const arrhenius = Math.exp(-DRY.arrheniusK / (temperatureC + meltingK));
  if (gradientKPerM <= DRY.lowGradientKPerM) {
    return {
      dendricityPerDay: -DRY.dendricityPerDay * arrhenius,
      sphericityPerDay: DRY.sphericityPerDay * arrhenius,
    };
  }
  const rate = -DRY.gradientPerDay * arrhenius * Math.pow(gradientKPerM, DRY.gradientPower);
  return { dendricityPerDay: rate, sphericityPerDay: rate };
}

/**
 * Rates of change of wet snow grains, 1/day: `∓θ³/16` with θ the liquid water in % by mass, 0…100,
 * otherwise DomainError. Brun (1992). Example: 3 % → dδ −1.6875 per day.
 */
export function wetGrainRates(liquidWaterMassPercent: number): GrainRates {
  const theta = requireWithin('liquidWaterMassPercent', {
    value: liquidWaterMassPercent,
    low: 0,
    high: 100,
  });
  const rate = (theta * theta * theta) / WET_DAYS;
  return { dendricityPerDay: -rate, sphericityPerDay: rate };
}

const clampFraction = (value: number) => Math.min(1, Math.max(0, value));

/**
 * Carries a grain through `seconds` of constant rates, clamped to 0…1. Negative time: DomainError.
 * Example: (1, 0.5) over half a day at −10 °C, 2 K/m → (0.98747, 0.56263).
 */
export function ageGrain(shape: GrainShape, rates: GrainRates, seconds: number): GrainShape {
  if (!(seconds >= 0) || !Number.isFinite(seconds)) {
    throw new DomainError({ code: 'out_of_range', low: 0 }, 'seconds', seconds);
  }
  const days = seconds / DAY_S;
  return {
    dendricity: clampFraction(shape.dendricity + rates.dendricityPerDay * days),
    sphericity: clampFraction(shape.sphericity + rates.sphericityPerDay * days),
  };
}

/**
 * Shape of snow falling at a wind speed, m/s (0…100, otherwise DomainError): wind breaks the
 * branches. Vionnet (2012), eqs 1 and 2. Example: 4 m/s → dendricity 0.61, sphericity 0.70.
 */
export function freshSnowShape(windMPerS: number): GrainShape {
  requireWithin('windMPerS', { value: windMPerS, low: 0, high: 100 });
  return { dendricity: freshDendricity(windMPerS), sphericity: freshSphericity(windMPerS) };
}
