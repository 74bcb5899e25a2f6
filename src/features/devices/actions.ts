'use server';

import { answered, type WireResult } from '@/formats/wire';
import { callersDatabase } from '@/server/callers-database';
import { door } from '@/server/door/door';
import { hostRefusal } from '@/server/permission';
import { refreshed } from '@/server/refresh-screens';
import { inviteAddress, makeToken, openCode } from './use-cases/change-devices';

/** Shows a code that lets one device in, with what that device may do. */
export async function openCodeAction(role: unknown): Promise<WireResult<null>> {
  return answered(() => hostRefusal() ?? refreshed(openCode(role)));
}

/** Puts the code away. */
export async function closeCodeAction(): Promise<WireResult<null>> {
  return answered(() => {
    const refused = hostRefusal();
    if (refused) return refused;
    door().closeCode();
    return refreshed({ ok: true, value: null });
  });
}

/** Lets the next try of an address in, whatever code it brings. */
export async function inviteAction(from: unknown, role: unknown): Promise<WireResult<null>> {
  return answered(() => hostRefusal() ?? refreshed(inviteAddress(from, role)));
}

/** Makes a token for a script. It is no write with a key: its answer is shown once and never stored. */
export async function makeTokenAction(input: unknown): Promise<WireResult<{ token: string }>> {
  return answered(
    async () => hostRefusal() ?? refreshed(await makeToken(callersDatabase(), input)),
  );
}
