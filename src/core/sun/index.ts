export { clearSkyGlobal, cloudFactor, diffuseFraction, slopeRatio } from './irradiance';
export type { SlopeAspect } from './irradiance';
export { sunPosition, sunTimes } from './position';
export type { SunPosition } from './position';
