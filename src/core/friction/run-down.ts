import { PHYSICS } from '../constants';
import { DomainError } from '../errors';

const { gravity: G } = PHYSICS;

/** A straight run down a slope, from rest. */
export interface RunDown {
  lengthM: number;
  /** Of the slope against the level, rad. */
  angleRad: number;
  friction: number;
  /** Drag over mass, 1/m; 0 without air. */
  dragPerM: number;
}

/**
 * Seconds down a slope from rest: `dv/dt = g·(sin α − μ·cos α) − k·v²`, in closed form. A slope on which friction
 * holds the ski: DomainError. Example: 80 m that fall 6 m, μ 0.025, no air → 18.05 s.
 */
export function runDownSeconds({ lengthM, angleRad, friction, dragPerM }: RunDown): number {
  const pull = G * (Math.sin(angleRad) - friction * Math.cos(angleRad));
  if (!(pull > 0)) throw new DomainError({ code: 'out_of_range' }, 'angleRad', angleRad);
  if (dragPerM === 0) return Math.sqrt((2 * lengthM) / pull);
  // x = ln(cosh(k·u·t))/k with the final speed u; acosh(e^y) without overflow.
  const y = dragPerM * lengthM;
  const final = Math.sqrt(pull / dragPerM);
  return (y + Math.log(1 + Math.sqrt(1 - Math.exp(-2 * y)))) / (dragPerM * final);
}
