import { PHYSICS } from '../constants';
import { DomainError } from '../errors';
import { FRICTION } from './figures';

const { gravity: G } = PHYSICS;
const { fastestMPerS: FASTEST_M_PER_S, halvings: HALVINGS } = FRICTION.solver;

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

/**
 * Speed, m/s, at which a power balances gliding friction, slope and drag:
 * `P = v·(m·g·(μ·cos α + sin α) + ½·ρ·CdA·v²)`, by bisection. Power over 0, otherwise DomainError.
 * Example: 288 W, 80 kg, flat, μ 0.025, 0.4 m², 1.25 kg/m³ → 8.04 m/s.
 */
export function steadySpeed(going: Going): number {
  const { powerW, massKg, slope, friction, dragAreaM2, airKgPerM3 } = going;
  if (!(powerW > 0)) throw new DomainError({ code: 'out_of_range' }, 'powerW', powerW);
  const angle = Math.atan(slope);
  const along = massKg * G * (friction * Math.cos(angle) + Math.sin(angle));
  const needed = (v: number) => v * (along + 0.5 * airKgPerM3 * dragAreaM2 * v * v);
  let [low, high] = [0, FASTEST_M_PER_S];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = 0.5 * (low + high);
    if (needed(middle) > powerW) high = middle;
    else low = middle;
  }
  return 0.5 * (low + high);
}

/** Speed, m/s, of free glide down a slope at which drag balances it; 0 where friction holds. */
export function glideSpeed({
  massKg,
  slope,
  friction,
  dragAreaM2,
  airKgPerM3,
}: Omit<Going, 'powerW'>) {
  const angle = Math.atan(slope);
  const pull = -massKg * G * (friction * Math.cos(angle) + Math.sin(angle));
  return pull > 0 ? Math.sqrt((2 * pull) / (airKgPerM3 * dragAreaM2)) : 0;
}
