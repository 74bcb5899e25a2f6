import { SNOW } from '../figures';

const { crust: CRUST, hoar: HOAR } = SNOW;

/** What the surface of each member went through. */
export interface SurfacePast {
  /** Hours since it held free water; counted from the start where it never did. */
  hoursSinceWet: Float64Array;
  /** 1: was wet, and neither new snow nor a groomer has changed it since. */
  wasWet: Float64Array;
  /** New snow since it was wet, mm of water. */
  snowSinceMm: Float64Array;
}

export const surfacePast = (members: number): SurfacePast => ({
  hoursSinceWet: new Float64Array(members),
  wasWet: new Float64Array(members),
  snowSinceMm: new Float64Array(members),
});

/** Takes down a step of one member. */
export function rememberSurface(
  past: SurfacePast,
  member: number,
  { waterPercent, snowfallMm, hours }: { waterPercent: number; snowfallMm: number; hours: number },
): void {
  if (waterPercent > CRUST.wetPercent) {
    past.hoursSinceWet[member] = 0;
    past.wasWet[member] = 1;
    past.snowSinceMm[member] = 0;
    return;
  }
  past.hoursSinceWet[member] = past.hoursSinceWet[member]! + hours;
  past.snowSinceMm[member] = past.snowSinceMm[member]! + snowfallMm;
}

/** A groomer breaks every crust. */
export const breakCrusts = ({ wasWet }: SurfacePast): void => void wasWet.fill(0);

/** Whether the surface was wet, and neither snow nor a groomer has changed it since: frozen it is a crust. */
export const mayBeCrust = ({ wasWet, snowSinceMm }: SurfacePast, member: number): boolean =>
  wasWet[member] === 1 && snowSinceMm[member]! <= CRUST.snowfallMm;

/** Whether snow of this temperature, °C, and water, % by volume, is frozen through. */
export const isFrozen = ({
  temperatureC,
  waterPercent,
}: {
  temperatureC: number;
  waterPercent: number;
}): boolean => waterPercent < CRUST.wetPercent && temperatureC < CRUST.frozenC;

/** Sharpness of a surface that hoar (kg/m²) has grown on: none under 50 g, all of it from 100 g. */
export function underHoar(sharpness: number, hoarKgPerM2: number): number {
  const share = (hoarKgPerM2 - HOAR.fromKgPerM2) / (HOAR.fullKgPerM2 - HOAR.fromKgPerM2);
  if (share <= 0 || sharpness >= HOAR.sharpness) return sharpness;
  return sharpness + Math.min(1, share) * (HOAR.sharpness - sharpness);
}
