'use client';

import { useEffect, useRef, useState } from 'react';
import type { TrackFile } from '@/formats/gpx/course';
import { readTrack } from '@/workers/track-client';

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
      return { ok: false, message: 'The track is over 30 MB: record fewer points and try again.' };
    }
    setShare(0);
    const job = readTrack({ file, ...options }, setShare);
    running.current = job.cancel;
    const result = await job.result;
    setShare(undefined);
    return result;
  };
  return { share, read, cancel: () => running.current?.() };
}
