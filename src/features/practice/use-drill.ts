'use client';

import { useCallback, useRef, useState } from 'react';
import type { Drill, DrillAnswers } from '@/core/practice';
import { act } from '@/writes/act';
import { useAct } from '@/writes/use-act';
import type { MarkedDrill } from './use-cases/answer-drill';
import type { ItemRef } from './use-cases/situation';

const MS = 1000;

/** One situation under a person's hands: answered once, then told. */
export function useDrill(item: ItemRef, learnerId: string | undefined) {
  const { run, isBusy, problem } = useAct();
  const [rendered, setRendered] = useState<MarkedDrill & { isKept: boolean }>();
  const begun = useRef(0);
  const begin = useCallback(() => {
    begun.current = performance.now();
  }, []);
  const answer = async <D extends Drill>(given: DrillAnswers[D]) => {
    const seconds = Math.round((performance.now() - begun.current) / MS);
    const input = { ...item, seconds, learnerId, answer: given };
    // One answer of this situation, however long it took to send again.
    const marked = await run('answer', (key) => act('practice.answer', key, input));
    if (marked) setRendered(marked);
  };
  return { rendered, problem, isBusy, begin, answer };
}

export type Answering = Pick<ReturnType<typeof useDrill>, 'answer' | 'isBusy'>;
