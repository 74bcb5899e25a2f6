'use client';

import { useEffect, useRef, useState } from 'react';
import type { TrackFile } from '../formats/gpx/course';
import { trackPool } from './pools';
import { Cancelled } from './worker-pool';
import { uiScreenWords } from '../words/screens/ui';

const WORDS = uiScreenWords.useTrack;

const MOST_BYTES = 30_000_000;

interface TrackOptions {
  altitudeM: number;
  isReversed: boolean;
}

/** Reads tracks on this device, with progress and cancel; a track that was cancelled is undefined. */
export function useTrack() {
  const [share, setShare] = useState<number>();
  const running = useRef<() => void>(undefined);
  useEffect(() => () => running.current?.(), []);
  const read = async (file: File, options: TrackOptions): Promise<TrackFile | undefined> => {
    if (file.size > MOST_BYTES) {
      return { ok: false, message: WORDS.trackTooLarge };
    }
    setShare(0);
    const pool = trackPool();
    const job = pool.run([{ file, ...options }], { onProgress: setShare });
    running.current = job.cancel;
    try {
      const [track] = await job.result;
      return track;
    } catch (error) {
      return error instanceof Cancelled ? undefined : { ok: false, message: WORDS.trackUnreadable };
    } finally {
      pool.close();
      setShare(undefined);
    }
  };
  return { share, read, cancel: () => running.current?.() };
}
