import { courseOf } from '../formats/gpx/course';
import { GpxReader } from '../formats/gpx/points';
import type { TrackReply, TrackRequest } from './track-client';

const reply = (message: TrackReply) => self.postMessage(message);
const UNREADABLE = 'The file could not be read: choose it again.';

async function read({ file, altitudeM, isReversed }: TrackRequest): Promise<void> {
  const reader = new GpxReader();
  const stream = file.stream().pipeThrough(new TextDecoderStream()).getReader();
  let done = 0;
  for (;;) {
    const piece = await stream.read();
    if (piece.done || !reader.write(piece.value)) break;
    done += piece.value.length;
    reply({ kind: 'progress', share: Math.min(1, done / Math.max(1, file.size)) });
  }
  reply({ kind: 'done', result: courseOf(reader.points(), altitudeM, isReversed) });
}

self.onmessage = ({ data }: MessageEvent<TrackRequest>) => {
  read(data).catch(() => reply({ kind: 'done', result: { ok: false, message: UNREADABLE } }));
};
