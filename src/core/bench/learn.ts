import { houseMinutes } from './figures';
import type { StepKind } from './types';

/** Records of this bench weigh against so many of the house's. */
const HOUSE_WEIGHT = 3;
const LEAST_MIN = 0.05;
/** A step left open over lunch says nothing: longer than this many times the house's is not counted. */
const ABSURD = 8;

/** One step as it was worked. */
export interface WorkedStep {
  kind: StepKind;
  activeMin: number;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : 0.5 * (sorted[half - 1]! + sorted[half]!);
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
