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

/**
 * Minutes of each kind of step as this bench works: the median of what was recorded, drawn to the house's figure by the
 * weight of three records. Kinds never recorded are absent.
 */
export function learnedMinutes(worked: readonly WorkedStep[]): Partial<Record<StepKind, number>> {
  const byKind = new Map<StepKind, number[]>();
  for (const { kind, activeMin } of worked) {
    const house = houseMinutes(kind);
    if (house === 0 || !(activeMin >= LEAST_MIN) || activeMin > ABSURD * house) continue;
    byKind.set(kind, [...(byKind.get(kind) ?? []), activeMin]);
  }
  return Object.fromEntries(
    [...byKind].map(([kind, values]) => [
      kind,
      (values.length * median(values) + HOUSE_WEIGHT * houseMinutes(kind)) /
        (values.length + HOUSE_WEIGHT),
    ]),
  );
}
