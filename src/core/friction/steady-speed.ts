import { PHYSICS } from '../constants';
import { DomainError } from '../errors';
import { FRICTION } from './figures';

const { gravity: G } = PHYSICS;
const { fastestMPerS: FASTEST_M_PER_S, steps: STEPS } = FRICTION.solver;

/** A skier who goes on against friction, slope and air. */
export interface Going {
  powerW: number;
  massKg: number;
  /** Rise over run; negative is down. */
  slope: number;
  friction: number;
  dragAreaM2: number;
  airKgPerM3: number;
}

/** Force of friction and slope against the skier, N: `m·g·(μ·cos α + sin α)` with `tan α` the slope. */
const heldBack = (massKg: number, slope: number, friction: number): number =>
  (massKg * G * (friction + slope)) / Math.sqrt(1 + slope * slope);

/**
 * Speed, m/s, at which a power balances gliding friction, slope and drag:
 * `P = v·(m·g·(μ·cos α + sin α) + ½·ρ·CdA·v²)`, by Newton's steps from above, where the needed power is convex.
 * Power over 0, otherwise DomainError.
 * Example: 288 W, 80 kg, flat, μ 0.025, 0.4 m², 1.25 kg/m³ → 8.04 m/s.
 */
export function steadySpeed(going: Going): number {
  const { powerW, massKg, slope, friction, dragAreaM2, airKgPerM3 } = going;
  if (!(powerW > 0)) throw new DomainError({ code: 'out_of_range' }, 'powerW', powerW);
  const along = heldBack(massKg, slope, friction);
  const drag = 0.5 * airKgPerM3 * dragAreaM2;
  let v = FASTEST_M_PER_S;
  for (let i = 0; i < STEPS; i += 1) {
    const air = drag * v * v;
    const over = v * (along + air) - powerW;
    // Faster than anybody goes, or the last digit reached.
    if (!(over > 0)) break;
    v -= over / (along + air + 2 * air);
  }
  return v;
}

/** Speed, m/s, of free glide down a slope at which drag balances it; 0 where friction holds. */
export function glideSpeed({
  massKg,
  slope,
  friction,
  dragAreaM2,
  airKgPerM3,
}: Omit<Going, 'powerW'>) {
  const pull = -heldBack(massKg, slope, friction);
  return pull > 0 ? Math.sqrt((2 * pull) / (airKgPerM3 * dragAreaM2)) : 0;
}
