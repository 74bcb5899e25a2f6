import { startTransition, useEffect, useState } from 'react';

/** What comes after the page: there, still on its way, or lost because it could not be fetched. */
interface Late<T> {
  atHand?: T;
  isLost: boolean;
}

/** Fetches something once; `load` must be the same function each time. */
export function useLate<T extends object>(load: () => Promise<T>): Late<T> {
  const [late, setLate] = useState<Late<T>>({ isLost: false });
  useEffect(() => {
    let isGone = false;
    // Nobody waits for it: what is drawn anew with it leaves room for taps in between.
    const put = (next: Late<T>) =>
      startTransition(() => {
        if (!isGone) setLate(next);
      });
    load().then(
      (atHand) => put({ atHand, isLost: false }),
      () => put({ isLost: true }),
    );
    return () => {
      isGone = true;
    };
  }, [load]);
  return late;
}
