import { PHYSICS } from '../constants';
import { SNOW } from '../snow/figures';

/**
 * The figures that the kernel computes with, each under a name of its own: the compiler of the kernel knows numbers,
 * no tables, and is given their values (see scripts/lib/kernel.mjs).
 */
export { DAY_S, HOUR_S } from '../units/constants';

export const {
  airHeatCapacity: AIR_HEAT_CAPACITY,
  dryAirGas: DRY_AIR_GAS,
  fusionHeat: FUSION_HEAT,
  gravity: GRAVITY,
  karman: KARMAN,
  meltingK: MELTING_K,
  molarRatio: MOLAR_RATIO,
  snowEmissivity: SNOW_EMISSIVITY,
  stefanBoltzmann: STEFAN_BOLTZMANN,
  sublimationHeat: SUBLIMATION_HEAT,
  waterDensity: WATER_DENSITY,
  wetGrainDays: WET_GRAIN_DAYS,
  windlessExchange: WINDLESS_EXCHANGE,
} = PHYSICS;

export const {
  scaleHPa: WATER_SCALE_HPA,
  slope: WATER_SLOPE,
  offsetC: WATER_OFFSET_C,
} = PHYSICS.magnusWater;
export const {
  scaleHPa: ICE_SCALE_HPA,
  slope: ICE_SLOPE,
  offsetC: ICE_OFFSET_C,
} = PHYSICS.magnusIce;
export const { perK: PSYCHROMETER_PER_K, slopePerK: PSYCHROMETER_SLOPE_PER_K } =
  PHYSICS.psychrometer;
export const { dry: SKY_DRY, moist: SKY_MOIST, cloud: SKY_CLOUD } = PHYSICS.skyEmissivity;
export const { stable: STABLE, unstable: UNSTABLE } = PHYSICS.stability;
export const { most: CLOUD_SHADE, power: CLOUD_POWER } = PHYSICS.cloudShade;
export const { surfaceShare: SURFACE_SUN_SHARE } = PHYSICS.sunInSnow;
export const {
  fresh: FRESH_ALBEDO,
  least: LEAST_ALBEDO,
  coldPerDay: COLD_DARKENING_PER_DAY,
  meltPerDay: MELT_DARKENING_PER_DAY,
  renewingSnowfallMm: RENEWING_SNOWFALL_MM,
} = PHYSICS.albedo;
export const {
  arrheniusK: ARRHENIUS_K,
  dendricityPerDay: DENDRICITY_PER_DAY,
  sphericityPerDay: SPHERICITY_PER_DAY,
  gradientPerDay: GRADIENT_PER_DAY,
  gradientPower: GRADIENT_POWER,
  lowGradientKPerM: LOW_GRADIENT_K_PER_M,
} = PHYSICS.dryGrain;
export const { mm3PerS: GROWTH_MM3_PER_S, mm3PerSPerCube: GROWTH_MM3_PER_S_PER_CUBE } =
  PHYSICS.wetGrainGrowth;
export const {
  most: MOST_FRESH_DENDRICITY,
  perWind: FRESH_DENDRICITY_PER_WIND,
  least: LEAST_FRESH_DENDRICITY,
} = PHYSICS.freshSnow.dendricity;
export const {
  calm: CALM_FRESH_SPHERICITY,
  perWind: FRESH_SPHERICITY_PER_WIND,
  least: LEAST_FRESH_SPHERICITY,
  most: MOST_FRESH_SPHERICITY,
} = PHYSICS.freshSnow.sphericity;

export const {
  coldestSurfaceC: COLDEST_SURFACE_C,
  contactDepthM: CONTACT_DEPTH_M,
  freshGrainMm: FRESH_GRAIN_MM,
  leastHumidity: LEAST_HUMIDITY,
  leastWindMPerS: LEAST_WIND_M_PER_S,
  measuringHeightM: MEASURING_HEIGHT_M,
  sphereCubePerVolume: SPHERE_CUBE_PER_VOLUME,
} = SNOW;
export const [COLDEST_AIR_C, WARMEST_AIR_C] = SNOW.airRangeC;
export const {
  cloudLogit: CLOUD_LOGIT_SPREAD,
  windLog: WIND_LOG_SPREAD,
  precipitationLog: PRECIPITATION_LOG_SPREAD,
} = SNOW.spread;
export const {
  scale: SNOW_SHARE_SCALE,
  perK: SNOW_SHARE_PER_K,
  offsetK: SNOW_SHARE_OFFSET_K,
} = SNOW.snowShare;
export const { wetPercent: CRUST_WET_PERCENT } = SNOW.crust;
/** Water of a snowfall that covers the contact depth once, mm. */
export const COVERING_SNOW_MM = SNOW.fallingDensityKgPerM3 * SNOW.contactDepthM;
