import { DomainError, requireWithin } from '../errors';
import type { GrainShape } from './grain-shape';

const SECONDS_PER_DAY = 86400;
const MELTING_K = 273.15;
/** Brun et al. (1992), table 1, as restated by Vionnet et al. (2012), table 1. Rates per day. */
const ARRHENIUS_K = 6000;
const DENDRICITY_RATE = 2e8;
const SPHERICITY_RATE = 1e9;
const GRADIENT_RATE = 2e8;
const GRADIENT_EXPONENT = 0.4;
const LOW_GRADIENT_K_PER_M = 5;
const WET_DIVISOR_DAYS = 16;

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
  requireWithin('temperatureC', temperatureC, -90, 0);
  requireWithin('gradientKPerM', gradientKPerM, 0, 1e5);
  const arrhenius = Math.exp(-ARRHENIUS_K / (temperatureC + MELTING_K));
  if (gradientKPerM <= LOW_GRADIENT_K_PER_M) {
    return {
      dendricityPerDay: -DENDRICITY_RATE * arrhenius,
      sphericityPerDay: SPHERICITY_RATE * arrhenius,
    };
  }
  const rate = -GRADIENT_RATE * arrhenius * Math.pow(gradientKPerM, GRADIENT_EXPONENT);
  return { dendricityPerDay: rate, sphericityPerDay: rate };
}

/**
 * Rates of change of wet snow grains, 1/day: `∓θ³/16` with θ the liquid water in % by mass, 0…100,
 * otherwise DomainError. Brun (1992). Example: 3 % → dδ −1.6875 per day.
 */
export function wetGrainRates(liquidWaterMassPercent: number): GrainRates {
  const theta = requireWithin('liquidWaterMassPercent', liquidWaterMassPercent, 0, 100);
  const rate = (theta * theta * theta) / WET_DIVISOR_DAYS;
  return { dendricityPerDay: -rate, sphericityPerDay: rate };
}

const clampFraction = (value: number) => Math.min(1, Math.max(0, value));

/**
 * Carries a grain through `seconds` of constant rates, clamped to 0…1. Negative time: DomainError.
 * Example: (1, 0.5) over half a day at −10 °C, 2 K/m → (0.98747, 0.56263).
 */
export function ageGrain(shape: GrainShape, rates: GrainRates, seconds: number): GrainShape {
  if (!(seconds >= 0) || !Number.isFinite(seconds)) {
    throw new DomainError('out_of_range', 'seconds', seconds, 'seconds must be 0 or more');
  }
  const days = seconds / SECONDS_PER_DAY;
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
  requireWithin('windMPerS', windMPerS, 0, 100);
  return {
    dendricity: Math.min(1, Math.max(0.2, 1.29 - 0.17 * windMPerS)),
    sphericity: Math.min(0.9, Math.max(0.5, 0.08 * windMPerS + 0.38)),
  };
}
