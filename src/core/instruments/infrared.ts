import { PHYSICS } from '../constants';
import { requireIn } from '../errors';
import { INSTRUMENT_LIMITS } from './figures';

const { meltingK: MELTING_K } = PHYSICS;
const fourthPower = (kelvin: number) => kelvin * kelvin * kelvin * kelvin;

/**
 * Surface temperature from an infra-red gun's reading, °C: `ε·T⁴ + (1 − ε)·T_sky⁴ = T_read⁴` (Stefan–Boltzmann
 * balance of a grey surface that mirrors the sky). Emissivity 0.8…1, temperatures −90…60 °C, otherwise
 * DomainError. Never above 0. Example: reading −10.6, ε 0.98, sky −40 → −10.2.
 */
export function surfaceFromInfrared(readC: number, emissivity: number, skyC: number): number {
  requireIn('emissivity', emissivity, INSTRUMENT_LIMITS.emissivity);
  const read = requireIn('readC', readC, INSTRUMENT_LIMITS.temperatureC) + MELTING_K;
  const sky = requireIn('skyC', skyC, INSTRUMENT_LIMITS.temperatureC) + MELTING_K;
  const fourth = (fourthPower(read) - (1 - emissivity) * fourthPower(sky)) / emissivity;
  return Math.min(0, Math.sqrt(Math.sqrt(fourth)) - MELTING_K);
}
