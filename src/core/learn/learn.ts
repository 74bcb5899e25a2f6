import { inverseOf, unitVariance } from '../statistics';
import { FACTOR_SDS, HOUSE, HOUSE_LIMITS, LEARNED_LINES, type LearnedLedger } from '../wax';
import { pullOf } from './evidence';
import { LEARN } from './figures';
import type { LearnResult } from './types';

/** All that results have made of the ledger's coefficients: changes from the house's, and how sure they are. */
export interface Learned {
  /** Venues with results, in the order of the coefficients. */
  venues: string[];
  /** Changes of the factors of the lines, of the offset everywhere, and of each venue's own. */
  changes: number[];
  covariance: number[][];
  /** By how much each result changed each coefficient; they add up to the changes. */
  moves: { id: string; venueId: string; kind: LearnResult['kind']; by: number[] }[];
}

const COMMON = LEARNED_LINES.length;

/** Prior spread of each coefficient, with so many venues. */
const priorSds = (venues: number): number[] => [
  ...FACTOR_SDS,
  HOUSE_LIMITS.commonSdC,
  ...Array<number>(venues).fill(HOUSE.ownVenue.sd),
];

/** What each coefficient adds to the equivalent temperature of a result's day, K per unit. */
const gradientOf = ({ lines, venueId }: LearnResult, venues: readonly string[]): number[] => [
  ...lines,
  1,
  ...venues.map((id) => Number(id === venueId)),
];

const dot = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, value, k) => sum + value * b[k]!, 0);

/**
 * The ledger's coefficients after tests and outcomes: their most probable values under the house's priors, by Newton
 * steps on the log posterior, with the covariance of its curvature there (Laplace). Every result bears on its day
 * alone through the equivalent temperature. No results: the priors.
 */
export function learn(results: readonly LearnResult[]): Learned {
  const venues = [...new Set(results.map(({ venueId }) => venueId))].sort();
  const sds = priorSds(venues.length);
  const precision = sds.map((sd) => 1 / sd ** 2);
  const gradients = results.map((result) => gradientOf(result, venues));
  let changes = sds.map(() => 0);
  let pulls = results.map((result) => pullOf(result, 0));
  let covariance = covarianceOf(precision, { gradients, pulls });
  for (let step = 0; step < LEARN.steps; step += 1) {
    const slope = changes.map(
      (value, k) =>
        pulls.reduce((sum, pull, i) => sum + pull.slope * gradients[i]![k]!, 0) -
        value * precision[k]!,
    );
    const move = covariance.map((row) => dot(row, slope));
    const longest = Math.max(...move.map((value, k) => Math.abs(value) / sds[k]!));
    const share = Math.min(1, LEARN.longestStep / longest);
    changes = changes.map((value, k) => value + share * move[k]!);
    pulls = results.map((result, i) => pullOf(result, dot(gradients[i]!, changes)));
    covariance = covarianceOf(precision, { gradients, pulls });
    if (longest < LEARN.settled) break;
  }
  const moves = results.map(({ id, venueId, kind }, i) => ({
    id,
    venueId,
    kind,
    by: priorMoves(precision, gradients[i]!).map((value) => value * pulls[i]!.slope),
  }));
  return { venues, changes, covariance, moves };
}

/** At the most probable place each change is its prior variance times the sum of the pulls: a result's share of it. */
const priorMoves = (precision: readonly number[], gradient: readonly number[]): number[] =>
  gradient.map((value, k) => value / precision[k]!);

function covarianceOf(
  precision: readonly number[],
  { gradients, pulls }: { gradients: readonly number[][]; pulls: readonly { curvature: number }[] },
): number[][] {
  const information = precision.map((own, k) =>
    precision.map((_, l) =>
      pulls.reduce(
        (sum, { curvature }, i) => sum + curvature * gradients[i]![k]! * gradients[i]![l]!,
        k === l ? own : 0,
      ),
    ),
  );
  // Priors make it positive definite.
  return inverseOf(information)!;
}

/** What is learned for one venue; one without results of its own has what holds everywhere. */
export function learnedAt(
  { venues, changes, covariance, moves }: Learned,
  venueId: string,
): LearnedLedger {
  const own = venues.indexOf(venueId);
  const at = own < 0 ? undefined : COMMON + 1 + own;
  const weights = (k: number) =>
    changes.map((_, i) => Number(i === k || (k === COMMON && i === at)));
  const rows = [...LEARNED_LINES.keys(), COMMON].map(weights);
  const shared = rows.map((a) =>
    rows.map((b) =>
      dot(
        a,
        covariance.map((row) => dot(row, b)),
      ),
    ),
  );
  // Nobody has tested there yet: its own offset is as open as before.
  if (at === undefined) shared[COMMON]![COMMON]! += HOUSE.ownVenue.sd ** 2;
  const here = moves.filter((move) => move.venueId === venueId);
  return {
    factors: Object.fromEntries(
      LEARNED_LINES.map((key, k) => [key, 1 + changes[k]!]),
    ) as LearnedLedger['factors'],
    offsetC: changes[COMMON]! + (at === undefined ? 0 : changes[at]!),
    covariance: shared,
    here: {
      tests: here.filter(({ kind }) => kind === 'test').length,
      outcomes: here.filter(({ kind }) => kind === 'outcome').length,
    },
    everywhere: moves.length,
  };
}

/** Spread of the offset at a venue, °C. */
export const offsetSdC = ({ covariance }: LearnedLedger): number =>
  Math.sqrt(unitVariance(covariance, [...LEARNED_LINES.map(() => 0), 1]));
