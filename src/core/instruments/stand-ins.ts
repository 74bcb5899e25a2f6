import { PHYSICS } from '../constants';
import type { RandomSource } from '../random';
import { INSTRUMENTS } from './figures';
import type { ProbeSample } from './settle';

const { meltingK: MELTING_K } = PHYSICS;
const { probeNoiseC: PROBE_NOISE_C, infraredNoiseC: INFRARED_NOISE_C } = INSTRUMENTS.standIn;
const radiates = (celsius: number) => (celsius + MELTING_K) * (celsius + MELTING_K);

/** A simulated probe: from the air's temperature toward the snow's with a time constant, and noise. */
export function standInProbe(
  snowC: number,
  { airC, timeConstantS, random }: { airC: number; timeConstantS: number; random: RandomSource },
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
  {
    skyC,
    emissivity,
    daylightErrorC,
    random,
  }: { skyC: number; emissivity: number; daylightErrorC: number; random: RandomSource },
): number {
  const fourth = emissivity * radiates(surfaceC) ** 2 + (1 - emissivity) * radiates(skyC) ** 2;
  return (
    Math.sqrt(Math.sqrt(fourth)) - MELTING_K + daylightErrorC + INFRARED_NOISE_C * random.normal()
  );
}
