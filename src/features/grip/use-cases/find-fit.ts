import type { InferType } from 'yup';
import { fitByRule, fitFromFeeler, fitFromGaps, type GripFit } from '@/core/grip';
import type { fitSchema } from '@/formats/schemas/grip';

export type FitInput = InferType<typeof fitSchema>;

export const DEFAULT_SKI_CM = 200;

/** The fit by the best there is: gaps, else a feeler, else the simple rule. Bad gaps: DomainError. */
export function findFit(input: FitInput | undefined): GripFit {
  const length = input?.skiLengthCm ?? DEFAULT_SKI_CM;
  if (input?.gaps && input.gaps.length > 0) return fitFromGaps(input.gaps, length, input);
  if (input?.feeler) return fitFromFeeler(input.feeler.backCm, input.feeler.frontCm, length);
  return fitByRule(input?.heelBehindPinCm);
}
