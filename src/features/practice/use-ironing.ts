'use client';

import { useEffect, useState } from 'react';
import type { IronBench } from '@/core/iron';
import { IronHand, MOST_MS } from './iron-hand';

const SHOWN_EVERY_MS = 250;
const MS = 1000;

const shownOf = ({ isDown, passS, spentMs }: IronHand) => ({
  isDown,
  passS,
  spentS: Math.min(MOST_MS, spentMs) / MS,
});

/** A hand over a ski, frame by frame; nothing moves while it is `still`. Starting over takes a new ski. */
export function useIroning(bench: IronBench, isStill: boolean) {
  const [hand, setHand] = useState(() => new IronHand(bench));
  const [shown, setShown] = useState(() => shownOf(hand));
  useEffect(() => {
    if (isStill) return undefined;
    let [rendered, handle] = [0, 0];
    const step = (now: number) => {
      hand.tick(now);
      if (now - rendered > SHOWN_EVERY_MS) {
        rendered = now;
        setShown(shownOf(hand));
      }
      handle = requestAnimationFrame(step);
    };
    handle = requestAnimationFrame(step);
    return () => cancelAnimationFrame(handle);
  }, [hand, isStill]);
  useEffect(() => () => hand.end(), [hand]);
  const restart = () => setHand(new IronHand(bench));
  return { hand, shown, restart };
}
