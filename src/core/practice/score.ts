import { normalBelow, normalDensity } from '../statistics';
import { PRACTICE } from './figures';

/**
 * Continuous ranked probability score of a normal belief, in the unit of the truth; 0 is perfect and `sd` 0 gives the
 * distance (Gneiting and Raftery 2007). A proper score: it is least on average for whoever says what they believe.
 */
export function crpsOf(truth: number, mean: number, sd: number): number {
  if (!(sd > 0)) return Math.abs(truth - mean);
  const z = (truth - mean) / sd;
  return sd * (z * (2 * normalBelow(z) - 1) + 2 * normalDensity(z) - 1 / Math.sqrt(Math.PI));
}

/** A belief about classes: one of them with a probability, the others alike. */
export interface ClassBelief<Class extends string> {
  said: Class;
  /** From an even guess to sure, 0…1. */
  probability: number;
}

/** Probability that a belief gave to a class among `classes`; never less than nobody may be sure of. */
export function probabilityOf<Class extends string>(
  { said, probability }: ClassBelief<Class>,
  of: Class,
  classes: number,
): number {
  const given = said === of ? probability : (1 - probability) / (classes - 1);
  const least = PRACTICE.leastProbability / classes;
  return Math.min(1 - PRACTICE.leastProbability, Math.max(least, given));
}

/** Logarithmic score of the probability that was given to what came true, nats; 0 is perfect (Good 1952). */
export const logScoreOf = (probability: number): number => -Math.log(probability);

/** A loss as a quality 0…1: 1 at none, 1/e at `scale`. */
export const worthOf = (loss: number, scale: number): number =>
  Math.exp(-Math.max(0, loss) / scale);
