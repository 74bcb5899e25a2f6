import { inverseOf, normalBelow, normalDensity } from '../statistics';
import { dailySdC } from '../wax';
import { glideLossPercent, glideLossSlope, type LabelShape } from '../wax/loss';
import { LEARN } from './figures';
import { FEELS, type Feel, type LearnResult, type TestedWax } from './types';

/** How a result pulls at the equivalent temperature of its day: first and minus second derivative of its log likelihood. */
export interface Pull {
  /** 1/K */
  slope: number;
  /** 1/K², not below 0 */
  curvature: number;
}

const NO_PULL: Pull = { slope: 0, curvature: 0 };
/** An outcome that says nothing has one chance in so many of each answer. */
const ANSWERS = FEELS.length - 1;

/** Chance of an answer, and its first and second derivative by the equivalent temperature. */
function chanceOf(
  feel: Exclude<Feel, 'cannot_tell'>,
  { x, limitK, sdK }: { x: number; limitK: number; sdK: number },
): [number, number, number] {
  const a = (-limitK - x) / sdK;
  const b = (limitK - x) / sdK;
  const soft = [normalBelow(a), -normalDensity(a) / sdK, (-a * normalDensity(a)) / sdK ** 2];
  const hard = [normalBelow(-b), normalDensity(b) / sdK, (b * normalDensity(b)) / sdK ** 2];
  if (feel === 'grabbed') return soft as [number, number, number];
  if (feel === 'dry') return hard as [number, number, number];
  return [0, 1, 2].map((k) => Number(k === 0) - soft[k]! - hard[k]!) as [number, number, number];
}

function pullOfOutcome(
  feel: Feel,
  { shape, equivalentC, snowSdC }: { shape: LabelShape; equivalentC: number; snowSdC: number },
): Pull {
  if (feel === 'cannot_tell') return NO_PULL;
  const [p, first, second] = chanceOf(feel, {
    x: equivalentC - shape.centreC,
    limitK: shape.flatK + LEARN.noticedK,
    sdK: Math.hypot(snowSdC, dailySdC, LEARN.feelSdK),
  });
  const meant = 1 - LEARN.mistaken;
  const chance = meant * p + LEARN.mistaken / ANSWERS;
  const slope = (meant * first) / chance;
  return { slope, curvature: Math.max(0, slope ** 2 - (meant * second) / chance) };
}

/**
 * Differences of all waxes of a test from the first one share its error, and all of them the day: their covariance is
 * what the runs leave open, what no label says, and the spread of the day by how fast each difference changes with it.
 */
function pullOfTest(
  { first, others }: { first: LabelShape; others: readonly TestedWax[] },
  { equivalentC, snowSdC }: { equivalentC: number; snowSdC: number },
): Pull {
  const loss = (shape: LabelShape) => glideLossPercent(equivalentC, shape);
  const slope = (shape: LabelShape) => glideLossSlope(equivalentC, shape);
  const left = others.map(({ shape, percent }) => percent - (loss(shape) - loss(first)));
  const steep = others.map(({ shape }) => slope(shape) - slope(first));
  const dayVariance = snowSdC ** 2 + dailySdC ** 2;
  const covariance = others.map((a, i) =>
    others.map((b, j) => {
      // Of two differences from the same wax half of each variance is that of the wax.
      const runs = i === j ? a.sdPercent ** 2 : (a.sdPercent * b.sdPercent) / 2;
      const law = LEARN.lawSdPercent ** 2 * (i === j ? 2 : 1);
      return runs + law + dayVariance * steep[i]! * steep[j]!;
    }),
  );
  const weights = inverseOf(covariance);
  if (!weights) return NO_PULL;
  const by = (values: readonly number[]) =>
    steep.reduce(
      (sum, value, i) => sum + value * values.reduce((one, v, j) => one + weights[i]![j]! * v, 0),
      0,
    );
  return { slope: by(left), curvature: by(steep) };
}

/** The pull of a result where what was learned adds so many kelvin to its day. */
export function pullOf(result: LearnResult, learnedC: number): Pull {
  const day = { equivalentC: result.equivalentC + learnedC, snowSdC: result.snowSdC };
  return result.kind === 'outcome'
    ? pullOfOutcome(result.feel, { ...day, shape: result.shape })
    : pullOfTest(result, day);
}
