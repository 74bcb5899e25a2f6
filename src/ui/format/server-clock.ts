'use client';

import { useEffect, useState } from 'react';

const SECOND_MS = 1000;

/** The server's time in ms, ticking each second: so that every device shows the same remaining time. */
export function useServerClock(serverNowMs: number): number {
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    const offset = serverNowMs - Date.now();
    const tick = () => setNow(Date.now() + offset);
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, SECOND_MS);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [serverNowMs]);
  return now;
}
