import type { TrackFile } from '../formats/gpx/course';

export interface TrackRequest {
  file: Blob;
  altitudeM: number;
  isReversed: boolean;
}

export type TrackReply = { kind: 'progress'; share: number } | { kind: 'done'; result: TrackFile };

const BROKEN: TrackFile = {
  ok: false,
  message: 'The track could not be read on this device: reload the page and try again.',
};

/** Reads a track in a worker of its own; `cancel` ends it, and its result is then undefined. */
export function readTrack(
  request: TrackRequest,
  onProgress: (share: number) => void,
): { result: Promise<TrackFile | undefined>; cancel: () => void } {
  const worker = new Worker(new URL('./track.worker.ts', import.meta.url), { type: 'module' });
  let end: (result: TrackFile | undefined) => void = () => undefined;
  const result = new Promise<TrackFile | undefined>((resolve) => {
    end = (outcome) => {
      worker.terminate();
      resolve(outcome);
    };
  });
  worker.onmessage = ({ data }: MessageEvent<TrackReply>) => {
    if (data.kind === 'progress') onProgress(data.share);
    else end(data.result);
  };
  worker.onerror = () => end(BROKEN);
  worker.postMessage(request);
  return { result, cancel: () => end(undefined) };
}
