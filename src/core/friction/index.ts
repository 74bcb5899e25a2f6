export { baseFriction } from './base-friction';
export type { GlidedSnow } from './base-friction';
export { FRICTION, FRICTION_FIGURES } from './figures';
export { lossInSeconds, lossSeconds, skiedSeconds } from './loss-seconds';
export type { Skied } from './loss-seconds';
export { runDownSeconds } from './run-down';
export { glideSpeed, steadySpeed } from './steady-speed';
