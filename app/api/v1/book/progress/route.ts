import { answerRoute } from '@/formats/wire';
import { requireInsider } from '@/server/caller';
import { progressOf } from '@/server/progress';

export const dynamic = 'force-dynamic';

/** How much of a book is taken in, 0 to 1, by the `Idempotency-Key` of that; null when it is not under way. */
export const GET = (request: Request): Promise<Response> =>
  answerRoute(() => {
    requireInsider();
    const key = new URL(request.url).searchParams.get('key') ?? '';
    return { ok: true, value: { done: progressOf(key) ?? null } };
  });
