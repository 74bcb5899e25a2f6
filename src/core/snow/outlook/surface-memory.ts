import type { SurfacePast } from '../../kernel';
import { SNOW } from '../figures';

const { crust: CRUST, hoar: HOAR } = SNOW;

export const surfacePast = (members: number): SurfacePast => ({
  hoursSinceWet: new Float64Array(members),
  wasWet: new Float64Array(members),
  snowSinceMm: new Float64Array(members),
});

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
