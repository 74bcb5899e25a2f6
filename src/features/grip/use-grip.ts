'use client';

import type { Outing } from '@/core/model';
import { useMemo } from 'react';
import { chooseGrip, findFit, type FitInput, type GripChoice } from '@/core/grip';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useLate } from '@/ui/fields/use-late';
import { uiScreenWords } from '@/words/screens/ui';
import { act } from '@/writes/act';
import type { Found } from './find-fit';
import { fitInputFrom, startFrom, type FitDraft } from './fit-draft';
import type { GripView } from './use-cases/load-grip';

/** The rules of the pocket come after the page. */
const rules = () => import('./find-fit');
const resolver = lateResolver<FitDraft>(async () => (await rules()).checkFit);

/** The pocket of what is typed; until its rules are there, that of what was kept, which they took. */
function useFound(draft: FitDraft, kept: FitInput | undefined): Found & { isAtHand: boolean } {
  const { atHand: rule, isLost } = useLate(rules);
  return useMemo(() => {
    if (rule) return { ...rule.found(draft), isAtHand: true };
    const fit = findFit(kept ?? {});
    return isLost
      ? { fit, problem: uiScreenWords.late.lost, isAtHand: true }
      : { fit, isAtHand: false };
  }, [rule, isLost, draft, kept]);
}

/** State of the Grip screen: the pocket as typed, its zone, and the wax for the snow there is. */
export function useGrip(outing: Outing, view: GripView) {
  const form = useDraftedForm(
    `grip:${outing.id}:${view.pair?.id ?? ''}`,
    startFrom(view.fit),
    resolver,
  );
  const draft = form.values;
  const { fit, problem, isAtHand } = useFound(draft, view.fit);
  /** What finds the pocket is still on its way: it is the one that was kept. */
  const isBehind = form.isDirty && !isAtHand;
  const { snow, products, laterC } = view;
  const { distanceKm, purpose } = outing;
  const choice = useMemo((): GripChoice | undefined => {
    const isEmpty = !products.some((one) => one.role === 'grip_stick' || one.role === 'klister');
    if (!snow || isEmpty) return undefined;
    return chooseGrip(snow, { outing: { distanceKm, purpose }, products, laterC });
  }, [snow, products, laterC, distanceKm, purpose]);
  const keep = () =>
    form.submit((values, { key }) =>
      act('grip.fit', key, {
        id: outing.id,
        skiId: view.pair?.id,
        fit: fitInputFrom(values),
      }),
    );
  return { form, draft, fit, fitProblem: problem, choice, keep, isBehind };
}

export type GripState = ReturnType<typeof useGrip>;
