'use client';

import { useMemo } from 'react';
import type { AnyFinding } from '../../core/finding';
import { say, type WordsFor } from '../../words/say';
import { writerFor } from '../../words/write';
import { useUnits } from './units-context';

/** Says findings in the units of this device. */
export function useWords() {
  const units = useUnits();
  return useMemo(() => {
    const write = writerFor(units);
    return {
      units,
      write,
      say: <F extends AnyFinding>(words: WordsFor<F>, finding: F) => say(words, finding, write),
    };
  }, [units]);
}
