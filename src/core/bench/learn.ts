import { median } from '../statistics';
import { houseMinutes } from './amounts';
import type { StepKind } from './types';
import { BENCH } from './figures';

const { houseWeight: HOUSE_WEIGHT, leastRecordMin: LEAST_MIN, absurdFactor: ABSURD } = BENCH;

/** One step as it was worked. */
export interface WorkedStep {
  kind: StepKind;
  activeMin: number;
}

/** Minutes of each kind that can be meant: a press at once, or a step left open over lunch, says nothing. */
function soundByKind(worked: readonly WorkedStep[]): Map<StepKind, number[]> {
  const byKind = new Map<StepKind, number[]>();
  for (const { kind, activeMin } of worked) {
    const house = houseMinutes(kind);
    if (house === 0 || !(activeMin >= LEAST_MIN) || activeMin > ABSURD * house) continue;
    byKind.set(kind, [...(byKind.get(kind) ?? []), activeMin]);
  }
  return byKind;
}

/**
 * Standard deviation of the logarithm of the minutes of each kind of step, as this bench works: its variance about the
 * median, drawn to the house's `priorLogSd` by the weight of three records. Kinds never recorded are absent.
 */
export function learnedSpreads(
  worked: readonly WorkedStep[],
  priorLogSd: number,
): Partial<Record<StepKind, number>> {
  return Object.fromEntries(
    [...soundByKind(worked)].map(([kind, values]) => {
      const middle = Math.log(median(values));
      const squares = values.reduce((sum, value) => sum + (Math.log(value) - middle) ** 2, 0);
      const weighed = squares + HOUSE_WEIGHT * priorLogSd ** 2;
      return [kind, Math.sqrt(weighed / (values.length + HOUSE_WEIGHT))];
    }),
  );
}

/**
 * Minutes of each kind of step as this bench works: the median of what was recorded, drawn to the house's figure by the
 * weight of three records. Kinds never recorded are absent.
 */
export function learnedMinutes(worked: readonly WorkedStep[]): Partial<Record<StepKind, number>> {
  return Object.fromEntries(
    [...soundByKind(worked)].map(([kind, values]) => [
      kind,
      (values.length * median(values) + HOUSE_WEIGHT * houseMinutes(kind)) /
        (values.length + HOUSE_WEIGHT),
    ]),
  );
}
