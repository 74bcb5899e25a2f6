import { DEFAULT_SKI_CM, type FitInput } from '@/core/grip';

export const FIT_WAYS = ['rule', 'feeler', 'gaps'] as const;
export type FitWay = (typeof FIT_WAYS)[number];

export interface GapDraft {
  positionCm: number | undefined;
  halfMm: number | undefined;
  fullMm: number | undefined;
}

export interface FitDraft {
  way: FitWay;
  skiLengthCm: number | undefined;
  skierKg: number | undefined;
  measuredKg: number | undefined;
  heelBehindPinCm: number | undefined;
  backCm: number | undefined;
  frontCm: number | undefined;
  gaps: GapDraft[];
}

const FIRST_CM = -10;
const SPACING_CM = 10;
const PLACES = 8;
const emptyGaps = (): GapDraft[] =>
  Array.from({ length: PLACES }, (_, i) => ({
    positionCm: FIRST_CM + i * SPACING_CM,
    halfMm: undefined,
    fullMm: undefined,
  }));

/** The pocket as it was last kept, or as the simple rule begins. */
export function startFrom(fit: FitInput | undefined): FitDraft {
  return {
    way: fit?.gaps && fit.gaps.length > 0 ? 'gaps' : fit?.feeler ? 'feeler' : 'rule',
    skiLengthCm: fit?.skiLengthCm ?? DEFAULT_SKI_CM,
    skierKg: fit?.skierKg,
    measuredKg: fit?.measuredKg,
    heelBehindPinCm: fit?.heelBehindPinCm ?? 30,
    backCm: fit?.feeler?.backCm,
    frontCm: fit?.feeler?.frontCm,
    gaps: fit?.gaps && fit.gaps.length > 0 ? [...fit.gaps] : emptyGaps(),
  };
}

/** The draft as the schema knows it: only what its way needs; rows that are empty are left out. */
export function fitInputFrom(draft: FitDraft): Record<string, unknown> {
  const given = { skiLengthCm: draft.skiLengthCm, skierKg: draft.skierKg };
  const base = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
  if (draft.way === 'gaps') {
    const filled = draft.gaps.filter((gap) => gap.halfMm !== undefined || gap.fullMm !== undefined);
    return draft.measuredKg === undefined
      ? { ...base, gaps: filled }
      : { ...base, measuredKg: draft.measuredKg, gaps: filled };
  }
  if (draft.way === 'feeler') {
    return { ...base, feeler: { backCm: draft.backCm, frontCm: draft.frontCm } };
  }
  return draft.heelBehindPinCm === undefined
    ? base
    : { ...base, heelBehindPinCm: draft.heelBehindPinCm };
}
