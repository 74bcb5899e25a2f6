'use client';

import { startTransition, useOptimistic, useRef } from 'react';

type Ticks = Readonly<Record<string, boolean>>;

/**
 * Ticks that show under the finger and go away again where the server refuses them. `save` writes one of them and
 * says what came of it; ticks set quickly are saved one after the other.
 */
export function useTicks(save: (key: string, isOn: boolean) => Promise<void>) {
  const before = useRef<Promise<void>>(Promise.resolve());
  const [pressed, press] = useOptimistic<Ticks, Ticks>({}, (all, one) => ({ ...all, ...one }));
  const tick = (key: string, isOn: boolean) =>
    startTransition(async () => {
      press({ [key]: isOn });
      // A second one may be ticked while the first is on its way.
      const mine = before.current.then(() => save(key, isOn));
      before.current = mine;
      await mine;
    });
  return {
    /** As ticked on this screen; undefined where only the server knows. */
    ticked: (key: string): boolean | undefined => pressed[key],
    tick,
  };
}
