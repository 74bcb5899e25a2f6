import { PHYSICS } from '../constants';
import { requireIn, requireWithin } from '../errors';
import { LEAST_SINE, RADIANS, SUN_LIMITS } from './figures';

/**
 * Clear-sky global irradiance on the flat, W/m²: `1098·cosθ·exp(−0.057/cosθ)` with θ the zenith
 * angle (Haurwitz 1945); 0 with the sun down. Altitude −90…90°, otherwise DomainError.
 * Example: 40° → 645.9 W/m².
 */
export function clearSkyGlobal(sunAltitudeDeg: number): number {
  requireIn('sunAltitudeDeg', sunAltitudeDeg, SUN_LIMITS.altitudeDeg);
  const { scale, extinction } = PHYSICS.clearSky;
  const cosZenith = Math.sin(sunAltitudeDeg * RADIANS);
  return cosZenith > 0 ? scale * cosZenith * Math.exp(-extinction / cosZenith) : 0;
}

/**
 * Share of clear-sky irradiance left by cloud, `1 − 0.75·N^3.4` (Kasten & Czeplak 1980). Cloud 0…1,
 * otherwise DomainError. Example: 0.5 → 0.929.
 */
export function cloudFactor(cloudFraction: number): number {
  requireWithin('cloudFraction', { value: cloudFraction, low: 0, high: 1 });
  const { most, power } = PHYSICS.cloudShade;
  return cloudFraction === 0 ? 1 : 1 - most * Math.exp(power * Math.log(cloudFraction));
}

/**
 * Diffuse share of global irradiance from the clearness index 0…1.2 (Erbs, Klein & Duffie 1982).
 * Example: 0.5 → 0.659.
 */
export function diffuseFraction(clearnessIndex: number): number {
  const { clearBelow, dullSlope, brightAbove, bright, polynomial, mostClearness } = PHYSICS.diffuse;
  const k = requireWithin('clearnessIndex', { value: clearnessIndex, low: 0, high: mostClearness });
  if (k <= clearBelow) return 1 - dullSlope * k;
  if (k > brightAbove) return bright;
  return polynomial.reduceRight((sum, coefficient) => coefficient + k * sum, 0);
}

/** A surface and what stands around it. Aspect in degrees from north, clockwise. */
export interface SlopeAspect {
  slopeDeg: number;
  aspectDeg: number;
  /** Share of the beam kept off by horizon or trees, 0…1; half as much of the diffuse. */
  shadeFraction: number;
}

/**
 * Ratio of irradiance on a slope to that on the flat: beam by its angle of incidence, diffuse by the
 * share of sky seen, shade taken off both. 0 with the sun down. `globalWPerM2` ≥ 0.
 * Example: flat and unshaded → 1.
 */
export function slopeRatio(
  globalWPerM2: number,
  {
    sunAltitudeDeg,
    sunAzimuthDeg,
    site,
  }: { sunAltitudeDeg: number; sunAzimuthDeg: number; site: SlopeAspect },
): number {
  const sine = Math.sin(sunAltitudeDeg * RADIANS);
  if (sine <= 0 || globalWPerM2 <= 0) return 0;
  const clearness = Math.min(
    PHYSICS.diffuse.mostClearness,
    globalWPerM2 / (PHYSICS.solarConstant * Math.max(sine, LEAST_SINE)),
  );
  const diffuse = diffuseFraction(clearness);
  const slope = site.slopeDeg * RADIANS;
  const incidence =
    sine * Math.cos(slope) +
    Math.cos(sunAltitudeDeg * RADIANS) *
      Math.sin(slope) *
      Math.cos((sunAzimuthDeg - site.aspectDeg) * RADIANS);
  const beam = (1 - diffuse) * (Math.max(0, incidence) / Math.max(sine, LEAST_SINE));
  const skyView = 0.5 * (1 + Math.cos(slope));
  return beam * (1 - site.shadeFraction) + diffuse * skyView * (1 - 0.5 * site.shadeFraction);
}
