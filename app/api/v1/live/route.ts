import { Overload } from '@/core/faults';
import { answerRoute } from '@/formats/wire';
import { liveStream } from '@/server/live-stream';

export const dynamic = 'force-dynamic';

const AGAIN_S = 30;

/** Server-sent events: `state` with all versions first, then a `change` for each write. */
export function GET(request: Request): Promise<Response> | Response {
  const stream = liveStream(request.signal);
  if (!stream) {
    return answerRoute(() => {
      throw new Overload(AGAIN_S);
    });
  }
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      // A stream that is squeezed on its way arrives in lumps.
      'cache-control': 'no-store, no-transform',
    },
  });
}
