import { startTransition, useEffect, useState } from 'react';

/**
 * What `load` fetches, once it is there; it must be the same function each time. Undefined before, and where it cannot
 * be fetched.
 */
export function useLate<T extends object>(load: () => Promise<T>): T | undefined {
  const [loaded, setLoaded] = useState<T>();
  useEffect(() => {
    let isGone = false;
    load().then(
      // Nobody waits for it: what is drawn anew with it leaves room for taps in between.
      (one) =>
        startTransition(() => {
          if (!isGone) setLoaded(one);
        }),
      () => undefined,
    );
    return () => {
      isGone = true;
    };
  }, [load]);
  return loaded;
}
