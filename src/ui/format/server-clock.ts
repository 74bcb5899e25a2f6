'use client';

import { useEffect, useState } from 'react';

const SECOND_MS = 1000;

/**
 * Gives how long ago it was made, ms. The steady clock counts while the device's own is set back; that one counts
 * while the device sleeps.
 */
export function stopwatch(): () => number {
  const [steadyMs, wallMs] = [performance.now(), Date.now()];
  return () => Math.max(performance.now() - steadyMs, Date.now() - wallMs);
}

/** The server's time in ms, ticking: so that every device shows the same time left, whatever its own clock says. */
export function useServerClock(serverNowMs: number, tickMs = SECOND_MS): number {
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    const elapsed = stopwatch();
    const tick = () => setNow(serverNowMs + elapsed());
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, tickMs);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [serverNowMs, tickMs]);
  return now;
}
