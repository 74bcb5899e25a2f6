'use server';

import { answered, failed, type WireResult } from '@/formats/wire';
import { callersGoOn } from '@/server/callers-database';
import { nowMs } from '@/server/clock';
import { hostRefusal } from '@/server/permission';
import { refreshScreens } from '@/server/refresh-screens';
import { frameScreenWords } from '@/words/screens/frame';
import { shared } from '@/core/shared';

const WORDS = frameScreenWords.logDecision;

/** Goes on with what can be read of a database without its log; gives where its files as they are were put. */
export async function goOnAction(): Promise<WireResult<{ kept: string }>> {
  return answered(async () => {
    const refused = hostRefusal();
    if (refused) return refused;
    const kept = callersGoOn(new Date(nowMs()));
    if (kept === undefined) return failed('conflict', WORDS.nothing);
    await shared.prepare?.();
    refreshScreens();
    return { ok: true, value: { kept } };
  });
}
