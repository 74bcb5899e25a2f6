import type { GrainShape } from '../grain-shape';
import type { SurfaceKind } from './types';

/** What a kind of surface stands for where nothing else is known (densities, albedo: models of the field; grains: house). */
export const SURFACES: Record<
  SurfaceKind,
  { densityKgPerM3: number; albedo: number; grain: GrainShape }
> = {
  new: { densityKgPerM3: 150, albedo: 0.85, grain: { dendricity: 1, sphericity: 0.5 } },
  settled: { densityKgPerM3: 300, albedo: 0.8, grain: { dendricity: 0.15, sphericity: 0.53 } },
  groomed: { densityKgPerM3: 450, albedo: 0.76, grain: { dendricity: 0, sphericity: 0.75 } },
  machine_made: { densityKgPerM3: 550, albedo: 0.7, grain: { dendricity: 0, sphericity: 0.9 } },
};

/** Density of snow as it falls, kg/m³, and its albedo. */
export const FALLING_SNOW_DENSITY = 120;
export const FRESH_ALBEDO = 0.85;
/** Snow that falls as warm as this or colder lies; warmer is rain, °C. */
export const RAIN_ABOVE_C = 1;
/** Albedo after Douville et al. (1995): per day cold; e-folding per day towards the least when melting. */
export const COLD_DARKENING_PER_DAY = 0.008;
export const MELT_DARKENING_PER_DAY = 0.24;
export const LEAST_ALBEDO = 0.5;
/** Snowfall that renews the albedo fully, mm of water (Douville et al. 1995). */
export const RENEWING_SNOWFALL_MM = 10;
/** Share of the way to a round, broken grain that one pass goes (house): a groomer mills, a skier polishes. */
export const ROUNDING_PER_PASS = { grooming: 0.35, traffic: 0.01 } as const;

/**
 * Standard deviations of what the ensemble perturbs (house), and the hours over which an error of
 * the weather persists.
 */
export const SPREAD = {
  airTemperatureK: 1.5,
  humidity: 0.1,
  cloud: 0.2,
  windLog: 0.4,
  albedo: 0.05,
  roughnessLog: 0.7,
  startProfileK: 1,
  persistenceH: 6,
} as const;
