'use client';

import { useCallback, useRef, useState } from 'react';
import type { Drill, DrillAnswers } from '@/core/practice';
import { useWrite } from '@/ui/fields/use-write';
import { act } from '@/writes/act';
import type { MarkedDrill } from './use-cases/answer-drill';
import type { ItemRef } from './use-cases/situation';

const MS = 1000;

/** One situation under a person's hands: answered once, then told. */
export function useDrill(item: ItemRef, learnerId: string | undefined) {
  const { send, isBusy } = useWrite();
  const [rendered, setRendered] = useState<MarkedDrill & { isKept: boolean }>();
  const [problem, setProblem] = useState<string>();
  const begun = useRef(0);
  const begin = useCallback(() => {
    begun.current = performance.now();
  }, []);
  const answer = async <D extends Drill>(given: DrillAnswers[D]) => {
    const seconds = Math.round((performance.now() - begun.current) / MS);
    const input = { ...item, seconds, learnerId, answer: given };
    const done = await send('answer', (key) => act('practice.answer', key, input));
    if (!done) return;
    if (done.ok) setRendered(done.value);
    setProblem(done.ok ? undefined : done.error.message);
  };
  return { rendered, problem, isBusy, begin, answer };
}

export type Answering = Pick<ReturnType<typeof useDrill>, 'answer' | 'isBusy'>;
