export { SNOW_LIMITS } from './figures';
export { firstGuessOfSnowTemperature } from './first-guess';
export type { FirstGuess, GuessReason } from './first-guess';
export { SETTLED_SHARPNESS, grainShape, sharpness, sharpnessRange } from './grain-shape';
export type { GrainShape } from './grain-shape';
export { ageGrain, dryGrainRates, freshSnowShape, wetGrainRates } from './metamorphism';
export type { GrainRates } from './metamorphism';
