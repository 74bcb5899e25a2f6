import { answered, toResponse } from '@/formats/wire';
import { requireInsider } from '@/server/caller';
import { liveStream } from '@/server/live-stream';

export const dynamic = 'force-dynamic';

/** Server-sent events: `state` with all versions first, then a `change` for each write. */
export async function GET(request: Request): Promise<Response> {
  const stream = await answered(() => ({
    ok: true,
    value: liveStream(request.signal, requireInsider()),
  }));
  if (!stream.ok) return toResponse(stream);
  return new Response(stream.value, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      // A stream that is squeezed on its way arrives in lumps.
      'cache-control': 'no-store, no-transform',
    },
  });
}
