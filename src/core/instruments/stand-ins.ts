import type { RandomSource } from '../random';
import type { ProbeSample } from './settle';

const PROBE_NOISE_C = 0.06;
const INFRARED_NOISE_C = 0.5;
const MELTING_K = 273.15;

/** A simulated probe: from the air's temperature toward the snow's with a time constant, and noise. */
export function standInProbe(
  snowC: number,
  airC: number,
  timeConstantS: number,
  random: RandomSource,
): (seconds: number) => ProbeSample {
  return (seconds) => ({
    seconds,
    temperatureC:
      snowC + (airC - snowC) * Math.exp(-seconds / timeConstantS) + PROBE_NOISE_C * random.normal(),
  });
}

/** A simulated infra-red gun: a grey surface that mirrors the sky, a daylight error, and noise. */
export function standInInfrared(
  surfaceC: number,
  skyC: number,
  emissivity: number,
  daylightErrorC: number,
  random: RandomSource,
): number {
  const fourth =
    emissivity * (surfaceC + MELTING_K) ** 4 + (1 - emissivity) * (skyC + MELTING_K) ** 4;
  return (
    Math.sqrt(Math.sqrt(fourth)) - MELTING_K + daylightErrorC + INFRARED_NOISE_C * random.normal()
  );
}
