import { PHYSICS } from '../constants';
import { baseFriction } from '../friction';
import { GLIDE } from './figures';
import type { GlideTest } from './types';

const { gravity: G } = PHYSICS;
const PERCENT = 100;

/**
 * How many % of friction one more unit of the measure tells, on a hill of even slope; undefined without a hill, for a
 * feel, or where the figures contradict the hill (faster than without any friction). Seconds: even acceleration,
 * L = v₀·t + ½·a·t², a = g·(sin α − μ·cos α), so dμ/dt = 2·v₁/(g·cos α·t²) with the speed v₁ at the end; from rest
 * v₀ = 0, with a flying start v₀ follows from the snow's friction. Metres of run-out on the level: drop = μ·(L·cos α +
 * s), so dμ/ds = −drop/(L·cos α + s)². In % of the friction that the snow leads one to expect, as losses are; without
 * snow, of the resistance on this hill, air included.
 */
export function percentPerUnit({ measure, runs, hill, snow }: GlideTest): number | undefined {
  if (!hill || measure === 'feel' || runs.length === 0) return undefined;
  const usual = runs.reduce((sum, { value }) => sum + value, 0) / runs.length;
  const { dropM, lengthM, fromRest } = hill;
  const sin = dropM / lengthM;
  const cos = Math.sqrt(1 - sin * sin);
  const expected = snow && baseFriction(snow);
  if (measure === 'metres') {
    const way = lengthM * cos + usual;
    return (-PERCENT * dropM) / (way * way) / (expected ?? dropM / way);
  }
  const meanSpeed = lengthM / usual;
  const pull = fromRest
    ? (2 * meanSpeed) / usual
    : G * (sin - (expected ?? GLIDE.usualFriction) * cos);
  const resistance = (G * sin - pull) / (G * cos);
  const endSpeed = meanSpeed + 0.5 * pull * usual;
  const startSpeed = fromRest ? 0 : meanSpeed - 0.5 * pull * usual;
  if (!(resistance > 0) || !(endSpeed > 0) || startSpeed < 0) {
    return undefined;
  }
  return (PERCENT * 2 * endSpeed) / (G * cos * usual * usual) / (expected ?? resistance);
}
