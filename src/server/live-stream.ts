import type { Insider } from './caller';
import { AT_HOST, live } from './live';

/** So often the stream says that it is there: who hears nothing for longer has no connection. */
const BEAT_MS = 15_000;
const RETRY_MS = 2000;

/** A stream of server-sent events for somebody who was let in. */
export function liveStream(signal: AbortSignal, caller: Insider): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let out: ReadableStreamDefaultController<Uint8Array> | undefined;
  const send = (text: string) => {
    try {
      out?.enqueue(encoder.encode(text));
    } catch {
      // Who listened is gone; the end of the stream follows.
    }
  };
  const event = (name: string, data: unknown) =>
    send(`event: ${name}\ndata: ${JSON.stringify(data)}\n\n`);
  const unlisten = live().listen({
    of: caller.door === 'here' ? AT_HOST : caller.id,
    change: (change) => event('change', change),
    end: (why) => {
      event(why, {});
      const last = out;
      end();
      last?.close();
    },
  });
  const beat = setInterval(() => event('beat', {}), BEAT_MS);
  const end = () => {
    clearInterval(beat);
    unlisten();
    out = undefined;
  };
  signal.addEventListener('abort', end);
  return new ReadableStream<Uint8Array>({
    start(controller) {
      out = controller;
      send(`retry: ${RETRY_MS}\n`);
      event('state', live().state());
    },
    cancel: end,
  });
}
