'use client';

import { useDeferredValue, useMemo } from 'react';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useLate } from '@/ui/fields/use-late';
import { uiScreenWords } from '@/words/screens/ui';
import { mistakeWords } from '@/words/rendered/mistake';
import type { Units } from '@/words/units';
import { productOf, type IronDraft } from './iron-draft';
import type { IronResult } from './iron-lab';
import type { IronView } from './use-cases/load-iron';

/** The lab comes after the page, which brings its first answer along. */
const lab = () => import('./iron-lab');

/** State of the Iron lab. */
export function useIron({ products, irons, start, first }: IronView) {
  const things = useMemo(() => ({ products, irons }), [products, irons]);
  const resolver = useMemo(
    () =>
      lateResolver<IronDraft>(async () => {
        const { checkIron } = await lab();
        return (draft) => checkIron(draft, things);
      }),
    [things],
  );
  const form = useDraftedForm('iron', start, resolver);
  const draft = form.values;
  const late = useDeferredValue(JSON.stringify(draft));
  const begun = JSON.stringify(start);
  const { atHand, isLost } = useLate(lab);
  const result = useMemo((): IronResult => {
    if (late === begun) return first;
    if (isLost) return { problem: uiScreenWords.late.lost };
    return atHand ? atHand.askLab(JSON.parse(late) as IronDraft, things) : first;
  }, [late, begun, atHand, isLost, things, first]);
  /** What computes is still on its way: the answer is that of the start. */
  const isBehind = late !== begun && !isLost && !atHand;
  return { form, draft, product: productOf(draft, products), result, isBehind };
}

export type IronState = ReturnType<typeof useIron>;

type NoResult = Exclude<IronResult, { question: unknown }>;

/** Why there is no answer. */
export const problemOf = (result: NoResult, units: Units): string =>
  'problem' in result ? result.problem : mistakeWords(result, units);
