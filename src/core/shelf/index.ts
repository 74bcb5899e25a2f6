export { FINGER_TESTS, guessBlock, NAIL_TESTS } from './block-test';
export type { BlockGuess, FingerTest, NailTest } from './block-test';
export { bestPurchase, coverage, HOLE_PERCENT, SNOW_KINDS } from './coverage';
export type { Coverage, Hole, Purchase, ShelfDay, SnowKind } from './coverage';
export { lastStretch, shelfDays } from './days';
export { ironTemperature, meltingPoint } from './estimates';
export type { Figure } from './estimates';
export { costAPair, gramsAPair, runsOut } from './stock';
export type { PlannedUse } from './stock';
