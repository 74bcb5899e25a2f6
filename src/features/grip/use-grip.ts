'use client';

import type { Outing } from '@/core/model';
import { useMemo } from 'react';
import { DomainError } from '@/core/errors';
import {
  chooseGrip,
  DEFAULT_SKI_CM,
  findFit,
  fitByRule,
  type FitInput,
  type GripChoice,
  type GripFit,
} from '@/core/grip';
import { fitSchema } from '@/formats/schemas/grip';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { validate } from '@/formats/schemas/validation';
import { mistakeWords } from '@/words/told/mistake';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { keepFitAction } from './actions';
import type { GripView } from './use-cases/load-grip';

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

function startFrom(fit: FitInput | undefined): FitDraft {
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

const resolver = resolverFrom<FitDraft>((draft) => {
  const checked = validate(fitSchema, fitInputFrom(draft));
  if (checked.ok) return { ok: true, value: draft };
  const problems = checked.problems.map((one) => ({
    ...one,
    field: one.field.replace(/^feeler\./, ''),
  }));
  return { ok: false, problems };
});

type Found = { fit: GripFit; problem?: string };

function found(draft: FitDraft): Found {
  const checked = validate(fitSchema, fitInputFrom(draft));
  if (!checked.ok) {
    return { fit: fitByRule(), problem: checked.problems.map((one) => one.message).join(' ') };
  }
  try {
    return { fit: findFit(checked.value) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { fit: fitByRule(), problem: mistakeWords(error) };
  }
}

/** State of the Grip screen: the pocket as typed, its zone, and the wax for the snow there is. */
export function useGrip(outing: Outing, view: GripView) {
  const form = useDraftedForm(
    `grip:${outing.id}:${view.pair?.id ?? ''}`,
    startFrom(view.fit),
    resolver,
  );
  const draft = form.values;
  const { fit, problem } = useMemo(() => found(draft), [draft]);
  const { snow, products, laterC } = view;
  const { distanceKm, purpose } = outing;
  const choice = useMemo((): GripChoice | undefined => {
    const isEmpty = !products.some((one) => one.role === 'grip_stick' || one.role === 'klister');
    if (!snow || isEmpty) return undefined;
    return chooseGrip(snow, { outing: { distanceKm, purpose }, products, laterC });
  }, [snow, products, laterC, distanceKm, purpose]);
  const keep = () =>
    form.submit((values, { key }) =>
      keepFitAction(key, { outingId: outing.id, skiId: view.pair?.id }, fitInputFrom(values)),
    );
  return { form, draft, fit, fitProblem: problem, choice, keep };
}

export type GripState = ReturnType<typeof useGrip>;
