import { requireWithin } from '../errors';

const RADIANS = Math.PI / 180;
/** Mean solar irradiance outside the atmosphere, W/m² (Kopp & Lean 2011). */
const SOLAR_CONSTANT = 1361;
/** Below this sine of the sun's altitude a beam on a slope is not trusted to geometry. */
const LEAST_SINE = 0.05;

/**
 * Clear-sky global irradiance on the flat, W/m²: `1098·cosθ·exp(−0.057/cosθ)` with θ the zenith
 * angle (Haurwitz 1945); 0 with the sun down. Altitude −90…90°, otherwise DomainError.
 * Example: 40° → 645.9 W/m².
 */
export function clearSkyGlobal(sunAltitudeDeg: number): number {
  requireWithin('sunAltitudeDeg', sunAltitudeDeg, -90, 90);
  const cosZenith = Math.sin(sunAltitudeDeg * RADIANS);
  return cosZenith > 0 ? 1098 * cosZenith * Math.exp(-0.057 / cosZenith) : 0;
}

/**
 * Share of clear-sky irradiance left by cloud, `1 − 0.75·N^3.4` (Kasten & Czeplak 1980). Cloud 0…1,
 * otherwise DomainError. Example: 0.5 → 0.929.
 */
export function cloudFactor(cloudFraction: number): number {
  requireWithin('cloudFraction', cloudFraction, 0, 1);
  return cloudFraction === 0 ? 1 : 1 - 0.75 * Math.exp(3.4 * Math.log(cloudFraction));
}

/**
 * Diffuse share of global irradiance from the clearness index 0…1.2 (Erbs, Klein & Duffie 1982).
 * Example: 0.5 → 0.659.
 */
export function diffuseFraction(clearnessIndex: number): number {
  const k = requireWithin('clearnessIndex', clearnessIndex, 0, 1.2);
  if (k <= 0.22) return 1 - 0.09 * k;
  if (k > 0.8) return 0.165;
  return 0.9511 + k * (-0.1604 + k * (4.388 + k * (-16.638 + k * 12.336)));
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
  sunAltitudeDeg: number,
  sunAzimuthDeg: number,
  site: SlopeAspect,
): number {
  const sine = Math.sin(sunAltitudeDeg * RADIANS);
  if (sine <= 0 || globalWPerM2 <= 0) return 0;
  const clearness = Math.min(1.2, globalWPerM2 / (SOLAR_CONSTANT * Math.max(sine, LEAST_SINE)));
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
