import { inverseOf } from './least-squares';

/** How often one beat another. */
export interface Beaten {
  winner: string;
  loser: string;
  n: number;
}

export interface Strength {
  name: string;
  /** On the scale of log odds, centred: the mean of all is 0. */
  strength: number;
  /** Standard deviation of it. */
  sd: number;
}

// eslint-disable-next-line house/no-loose-numbers -- far more than Newton's method ever takes.
const MOST_STEPS = 200;
const CLOSE = 1e-12;
/** The longest step of a strength, in log odds: a first guess far off would overshoot. */
const LONGEST_STEP = 2;

/**
 * Strengths by the model of Bradley & Terry (1952): the odds of a beating b are exp(strength a − strength b). Largest
 * likelihood by Newton steps; with `precision` a normal prior about 0 of that precision, which keeps who won or lost
 * all from running off. Names in the order in which they come. Example: P beats Q 3 times of 4 → ±0.549.
 */
export function bradleyTerry(games: readonly Beaten[], precision = 0): Strength[] {
  const names = [...new Set(games.flatMap(({ winner, loser }) => [winner, loser]))];
  const at = new Map(names.map((name, k) => [name, k]));
  const size = names.length;
  let strengths = names.map(() => 0);
  let inverse: number[][] = [];
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const gradient = strengths.map((one) => -precision * one);
    // A matrix of ones beside it fixes the mean, which the games leave free.
    const information = names.map((_, i) =>
      names.map((__, j) => 1 / size + (i === j ? precision : 0)),
    );
    for (const { winner, loser, n } of games) {
      const [w, l] = [at.get(winner)!, at.get(loser)!];
      const chance = 1 / (1 + Math.exp(strengths[l]! - strengths[w]!));
      gradient[w]! += n * (1 - chance);
      gradient[l]! -= n * (1 - chance);
      const weight = n * chance * (1 - chance);
      information[w]![w]! += weight;
      information[l]![l]! += weight;
      information[w]![l]! -= weight;
      information[l]![w]! -= weight;
    }
    inverse = inverseOf(information) ?? [];
    if (inverse.length === 0) break;
    const steps = inverse.map((row) =>
      row.reduce((sum, value, k) => sum + value * gradient[k]!, 0),
    );
    const longest = Math.max(...steps.map(Math.abs));
    const share = Math.min(1, LONGEST_STEP / longest);
    strengths = strengths.map((one, k) => one + share * steps[k]!);
    if (longest < CLOSE) break;
  }
  const mean = strengths.reduce((sum, one) => sum + one, 0) / size;
  return names.map((name, k) => ({
    name,
    strength: strengths[k]! - mean,
    sd: Math.sqrt(Math.max(0, (inverse[k]?.[k] ?? Infinity) - 1 / size)),
  }));
}
