import { DEVICE_ROLES, type DeviceRole } from '@/core/model';
import { changeDevice, isNameTaken, revokeDevice } from '@/data/devices';
import type { FrostDatabase } from '@/data/database';
import { deviceSchema } from '@/formats/schemas/device';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { door } from '@/server/door/door';
import { devicesScreenWords } from '@/words/screens/devices';

const WORDS = devicesScreenWords.changes;
const DONE = { ok: true, value: null } as const;
const taken = () => invalidInput([{ field: 'name', message: WORDS.nameTaken }]);
const gone = () => failed('not_found', WORDS.gone);

/** Makes the code that lets one device in. */
export function openCode(role: unknown): WireResult<null> {
  if (!DEVICE_ROLES.includes(role as DeviceRole)) {
    return invalidInput([{ field: 'role', message: WORDS.role }]);
  }
  door().openCode(role as DeviceRole);
  return DONE;
}

/** Lets the next try of an address in. */
export function inviteAddress(from: unknown, role: unknown): WireResult<null> {
  if (!DEVICE_ROLES.includes(role as DeviceRole)) {
    return invalidInput([{ field: 'role', message: WORDS.role }]);
  }
  return door().invite(String(from), role as DeviceRole) ? DONE : failed('not_found', WORDS.noTry);
}

/** Gives a device another name or role. */
export async function renameDevice(
  db: FrostDatabase,
  id: string,
  input: unknown,
): Promise<WireResult<null>> {
  const checked = validate(deviceSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (await isNameTaken(db, checked.value.name, id)) return taken();
  return (await changeDevice(db, id, checked.value)) ? DONE : gone();
}

/** Lets a device in no more, from its next request on. */
export const dropDevice = async (
  db: FrostDatabase,
  id: string,
  at: string,
): Promise<WireResult<null>> => ((await revokeDevice(db, id, at)) ? DONE : gone());

/** Makes a token for a script; it is told this once. */
export async function makeToken(
  db: FrostDatabase,
  input: unknown,
): Promise<WireResult<{ token: string }>> {
  const checked = validate(deviceSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (await isNameTaken(db, checked.value.name)) return taken();
  const { secret } = await door().letIn({ kind: 'token', ...checked.value });
  return { ok: true, value: { token: secret } };
}
