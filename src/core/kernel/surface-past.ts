import { CRUST_WET_PERCENT } from './constants';

/** What the surface of each member went through. */
export interface SurfacePast {
  /** Hours since it held free water; counted from the start where it never did. */
  hoursSinceWet: Doubles;
  /** 1: was wet, and neither new snow nor a groomer has changed it since. */
  wasWet: Doubles;
  /** New snow since it was wet, mm of water. */
  snowSinceMm: Doubles;
}

/** Takes down a step of one member: water at the surface, % by volume, new snow, mm of water, and how long it took. */
export function rememberSurface(
  past: SurfacePast,
  member: i32,
  waterPercent: number,
  snowfallMm: number,
  hours: number,
): void {
  if (waterPercent > CRUST_WET_PERCENT) {
    past.hoursSinceWet[member] = 0;
    past.wasWet[member] = 1;
    past.snowSinceMm[member] = 0;
    return;
  }
  past.hoursSinceWet[member] = past.hoursSinceWet[member]! + hours;
  past.snowSinceMm[member] = past.snowSinceMm[member]! + snowfallMm;
}
