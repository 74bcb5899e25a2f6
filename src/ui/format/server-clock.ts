'use client';

import { startTransition, useEffect, useState } from 'react';
import { wallMs } from '../../core/time';

const SECOND_MS = 1000;

/**
 * Gives how long ago it was made, ms. The steady clock counts while the device's own is set back; that one counts
 * while the device sleeps.
 */
export function stopwatch(): () => number {
  const [steadyMs, startMs] = [performance.now(), wallMs()];
  return () => Math.max(performance.now() - steadyMs, wallMs() - startMs);
}

/**
 * The server's time in ms, ticking: so that every device shows the same time left, whatever its own clock says. What
 * shows it is drawn again between other work, not before it: many do at once when a page begins.
 */
export function useServerClock(serverNowMs: number, tickMs = SECOND_MS): number {
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    const elapsed = stopwatch();
    const tick = () => startTransition(() => setNow(serverNowMs + elapsed()));
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, tickMs);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [serverNowMs, tickMs]);
  return now;
}
