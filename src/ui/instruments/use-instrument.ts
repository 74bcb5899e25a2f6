'use client';

import { useEffect, useRef, useState } from 'react';

/** What sends lines of text until it is stopped. */
interface Sender {
  lines: (signal: AbortSignal) => AsyncIterable<string>;
}

/** Reads one instrument at a time; leaving the screen stops it. */
export function useInstrument() {
  const [isReading, setIsReading] = useState(false);
  const abort = useRef<AbortController>(undefined);
  useEffect(() => () => abort.current?.abort(), []);
  const stop = () => {
    abort.current?.abort();
    setIsReading(false);
  };
  /** Gives each line; true once the instrument has ended by itself, false when it was stopped. */
  const read = async (instrument: Sender, onLine: (text: string) => void): Promise<boolean> => {
    abort.current?.abort();
    const own = (abort.current = new AbortController());
    setIsReading(true);
    for await (const text of instrument.lines(own.signal)) {
      if (own.signal.aborted) return false;
      onLine(text);
    }
    if (own.signal.aborted) return false;
    setIsReading(false);
    return true;
  };
  return { isReading, read, stop };
}
