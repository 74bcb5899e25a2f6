import { fitByRule, fitFromFeeler, fitFromGaps, type FitWeights, type GripFit } from './fit';
import type { GapPoint } from './gaps';
import { GRIP } from './figures';

/** How a pocket was found, as it is kept. */
export interface FitInput extends FitWeights {
  skiLengthCm?: number;
  gaps?: readonly GapPoint[];
  feeler?: { backCm: number; frontCm: number };
  heelBehindPinCm?: number;
}

export const DEFAULT_SKI_CM = GRIP.defaultSkiCm;

/** The fit by the best there is: gaps, else a feeler, else the simple rule. Bad gaps: DomainError. */
export function findFit(input: FitInput | undefined): GripFit {
  const length = input?.skiLengthCm ?? DEFAULT_SKI_CM;
  if (input?.gaps && input.gaps.length > 0) return fitFromGaps(input.gaps, length, input);
  if (input?.feeler) return fitFromFeeler(input.feeler.backCm, input.feeler.frontCm, length);
  return fitByRule(input?.heelBehindPinCm, length);
}
