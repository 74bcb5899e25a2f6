import { PHYSICS } from '../constants';
import { kelvin } from './column';
import { IRON } from './figures';

const HALF_PI = 0.5 * Math.PI;
const {
  diffusion: DIFFUSION,
  aboveMeltingK: ABOVE_MELTING_K,
  activation: ACTIVATION,
} = IRON.uptake;

/**
 * Diffusion of a molten wax into the base at a temperature, m²/s (Arrhenius). It is referred to the wax's own melting
 * point: a soft wax is small molecules and goes in at a lower temperature.
 */
export const diffusionAt = (celsius: number, meltingC: number): number =>
  DIFFUSION *
  Math.exp(
    (-ACTIVATION / PHYSICS.gasConstant) *
      (1 / kelvin(celsius) - 1 / kelvin(meltingC + ABOVE_MELTING_K)),
  );

/** Share of what is empty in the base that wax fills, for diffusion integrated over the time molten, m² (Fick). */
export function uptakeOf(diffusedM2: number): number {
  const fourier = diffusedM2 / (IRON.uptake.depthM * IRON.uptake.depthM);
  let left = 0;
  for (let n = 0; n < IRON.series; n += 1) {
    const odd = 2 * n + 1;
    left += Math.exp(-(odd * HALF_PI) * (odd * HALF_PI) * fourier) / (odd * odd);
  }
  return Math.min(1, Math.max(0, 1 - (2 / (HALF_PI * HALF_PI)) * left));
}
