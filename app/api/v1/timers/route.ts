import { database } from '@/data/database';
import { listTimers } from '@/data/timers';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  return Response.json({ nowMs: Date.now(), timers: await listTimers(database()) });
}
