'use client';

import { useEffect, useState } from 'react';

const TICK_MS = 20_000;

/** The time of now in ms, first as the server had it, then ticking. */
export function useNow(serverNowMs: number): number {
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, TICK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, []);
  return now;
}
