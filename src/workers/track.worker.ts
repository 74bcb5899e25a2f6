import { courseOf, named } from '../formats/gpx/course';
import { GpxReader } from '../formats/gpx/points';
import { serve } from './serve';

/** A file with a track, and how the course runs along it. */
export interface TrackRequest {
  file: Blob;
  altitudeM: number;
  isReversed: boolean;
}

serve(async ({ file, altitudeM, isReversed }: TrackRequest, turn) => {
  const reader = new GpxReader();
  const stream = file.stream().pipeThrough(new TextDecoderStream()).getReader();
  let done = 0;
  for (;;) {
    const piece = await stream.read();
    if (piece.done || !reader.write(piece.value)) break;
    done += piece.value.length;
    await turn(Math.min(1, done / Math.max(1, file.size)));
  }
  return named(courseOf(reader.points(), altitudeM, isReversed), reader);
});
