'use client';

import { learningScreenWords } from '@/words/screens/learning';
import { useAct } from '@/writes/use-act';

const WORDS = learningScreenWords.learning;

/** Leaving results out and forgetting, each with its undo. */
export function useLearning() {
  const acts = useAct();
  const said = (isExcluded: boolean) => (isExcluded ? WORDS.left : WORDS.back);
  return {
    acts,
    exclude: (id: string, isExcluded: boolean) =>
      acts.write(
        'learning.exclude',
        { id, isExcluded },
        {
          said: () => said(isExcluded),
          undo: () => ['learning.exclude', { id, isExcluded: !isExcluded }],
          undone: said(!isExcluded),
        },
      ),
    forget: () =>
      acts.write(
        'learning.forget',
        {},
        {
          said: () => WORDS.forgotten,
          undo: ({ sinceAt }) => ['learning.remember', { sinceAt }],
          undone: WORDS.remembered,
        },
      ),
    remember: (sinceAt: string | null) =>
      acts.write('learning.remember', { sinceAt }, { said: () => WORDS.remembered }),
  };
}
