'use client';

import type { Cabin, PlanWish } from '@/core/model';
import { useEffect, useState } from 'react';
import { readDraft, writeDraft } from '@/ui/fields/draft-store';

/** What the form of the cabin holds. */
export interface CabinDraft {
  cabin: Cabin;
  wish: PlanWish;
}

const PLACE = 'cabin';

/** The form of the cabin: what is typed is kept on this device until a plan is made with it. */
export function useCabin(start: CabinDraft) {
  const [draft, setDraft] = useState(start);
  const [isTouched, setIsTouched] = useState(false);
  const startText = JSON.stringify(start);
  useEffect(() => {
    const kept = readDraft<CabinDraft>(PLACE);
    // After the first paint: the server knows nothing of what is kept here.
    const timer = setTimeout(() => {
      if (kept?.cabin && kept.wish) {
        setIsTouched(true);
        setDraft(kept as CabinDraft);
      } else if (!isTouched) setDraft(JSON.parse(startText) as CabinDraft);
    }, 0);
    return () => clearTimeout(timer);
  }, [startText, isTouched]);
  const change = (next: CabinDraft) => {
    setIsTouched(true);
    setDraft(next);
    writeDraft(PLACE, next);
  };
  return {
    ...draft,
    isTouched,
    setCabin: (cabin: Partial<Cabin>) => change({ ...draft, cabin: { ...draft.cabin, ...cabin } }),
    setWish: (wish: Partial<PlanWish>) => change({ ...draft, wish: { ...draft.wish, ...wish } }),
    forget: () => {
      setIsTouched(false);
      writeDraft(PLACE, undefined);
    },
  };
}
