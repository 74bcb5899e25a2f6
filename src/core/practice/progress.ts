import { studentLimit } from '../statistics';
import { PRACTICE } from './figures';
import type { DrillMark } from './types';

const { skill: SKILL, biasBeyond: BEYOND } = PRACTICE;

/** An estimate with an interval that holds the truth 19 times in 20. */
export interface Skill {
  mean: number;
  low: number;
  high: number;
  answers: number;
}

/**
 * Skill 0…1 after some answers, the last ones counting most; the interval is Student's with as many answers as the weights
 * are worth. Without answers: middling, and nothing known.
 */
export function skillOf(qualities: readonly number[]): Skill {
  const answers = qualities.length;
  let [weights, sum, squares] = [
    SKILL.priorAnswers,
    SKILL.priorAnswers * SKILL.priorMean,
    SKILL.priorAnswers,
  ];
  for (const [i, quality] of qualities.entries()) {
    const weight = 0.5 ** ((answers - 1 - i) / SKILL.halfLifeAnswers);
    weights += weight;
    sum += weight * quality;
    squares += weight * weight;
  }
  const mean = sum / weights;
  let scatter = SKILL.priorAnswers * PRACTICE.spread ** 2;
  for (const [i, quality] of qualities.entries()) {
    const weight = 0.5 ** ((answers - 1 - i) / SKILL.halfLifeAnswers);
    scatter += weight * (quality - mean) ** 2;
  }
  const effective = (weights * weights) / squares;
  const half =
    studentLimit(BEYOND, Math.max(1, effective - 1)) * Math.sqrt(scatter / weights / effective);
  return {
    mean,
    low: Math.max(0, mean - half),
    high: Math.min(1, mean + half),
    answers,
  };
}

/** To which side somebody errs, and what it costs. */
export interface Bias {
  answers: number;
  /** Above 0: too soft, too warm; with the interval that holds it 19 times in 20, K. */
  meanK: number;
  lowK: number;
  highK: number;
  /** What the picks on that side cost more than the best ones, s an outing, over all picks. */
  costS: number;
  /** Whether the interval leaves 0 out. */
  isClear: boolean;
}

/** The bias of answers that may err to either side, from twenty on; undefined before. */
export function biasOf(marks: readonly Pick<DrillMark, 'biasK' | 'costS'>[]): Bias | undefined {
  const sided = marks.flatMap(({ biasK, costS = 0 }) =>
    biasK === undefined ? [] : [{ biasK, costS }],
  );
  const count = sided.length;
  if (count < PRACTICE.biasFrom) return undefined;
  const meanK = sided.reduce((sum, { biasK }) => sum + biasK, 0) / count;
  const variance = sided.reduce((sum, { biasK }) => sum + (biasK - meanK) ** 2, 0) / (count - 1);
  const halfK = studentLimit(BEYOND, count - 1) * Math.sqrt(variance / count);
  const onSide = sided.filter(({ biasK }) => biasK * meanK > 0);
  return {
    answers: count,
    meanK,
    lowK: meanK - halfK,
    highK: meanK + halfK,
    costS: onSide.reduce((sum, { costS }) => sum + costS, 0) / count,
    isClear: Math.abs(meanK) > halfK,
  };
}

/** How often came what was said to be so likely. */
export interface Calibrated {
  /** Mean of what was said, and the share of it that came, 0…1, with the interval that holds it 19 times in 20. */
  said: number;
  came: number;
  low: number;
  high: number;
  count: number;
}

/** The interval of a share (Wilson 1927). */
function shareBetween(came: number, count: number): Pick<Calibrated, 'low' | 'high'> {
  const z = PRACTICE.calibration.z;
  const share = came / count;
  const middle = (share + (z * z) / (2 * count)) / (1 + (z * z) / count);
  const half =
    (z / (1 + (z * z) / count)) * Math.sqrt((share * (1 - share)) / count + (z / (2 * count)) ** 2);
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

/** Said probabilities in bins against what came; bins without an answer are left out. */
export function calibrationOf(said: readonly NonNullable<DrillMark['said']>[]): Calibrated[] {
  const { edges } = PRACTICE.calibration;
  return edges.slice(0, -1).flatMap((from, i) => {
    const to = edges[i + 1]!;
    const isLast = i === edges.length - 2;
    const own = said.filter(
      ({ probability }) =>
        probability >= from && (probability < to || (isLast && probability <= to)),
    );
    if (own.length === 0) return [];
    const came = own.filter((one) => one.came).length;
    return [
      {
        said: own.reduce((sum, one) => sum + one.probability, 0) / own.length,
        came: came / own.length,
        count: own.length,
        ...shareBetween(came, own.length),
      },
    ];
  });
}
