import { requireWithin } from '../errors';

const MELTING_K = 273.15;

/**
 * Surface temperature from an infra-red gun's reading, °C: `ε·T⁴ + (1 − ε)·T_sky⁴ = T_read⁴` (Stefan–Boltzmann
 * balance of a grey surface that mirrors the sky). Emissivity 0.8…1, temperatures −90…60 °C, otherwise
 * DomainError. Never above 0. Example: reading −10.6, ε 0.98, sky −40 → −10.2.
 */
export function surfaceFromInfrared(readC: number, emissivity: number, skyC: number): number {
  requireWithin('emissivity', emissivity, 0.8, 1);
  const read = requireWithin('readC', readC, -90, 60) + MELTING_K;
  const sky = requireWithin('skyC', skyC, -90, 60) + MELTING_K;
  const fourth = (read ** 4 - (1 - emissivity) * sky ** 4) / emissivity;
  return Math.min(0, Math.sqrt(Math.sqrt(fourth)) - MELTING_K);
}
