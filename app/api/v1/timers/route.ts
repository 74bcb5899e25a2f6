import { callersDatabase } from '@/server/callers-database';
import { listTimers } from '@/data/timers';
import { answerRoute } from '@/formats/wire';
import { nowMs } from '@/server/clock';

export const dynamic = 'force-dynamic';

export const GET = (): Promise<Response> =>
  answerRoute(async () => ({
    ok: true,
    value: { nowMs: nowMs(), timers: await listTimers(callersDatabase()) },
  }));
