import { DEVICE_FIELDS, type Device, type DeviceRole, type ListedDevice } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** Lets a device or a token in from now on. */
export async function addDevice(db: FrostDatabase, device: Device): Promise<void> {
  await db.insertInto('device').values(rowOf(DEVICE_FIELDS, device)).execute();
}

/** The device whose secret has this hash, unless it was revoked. */
export async function deviceBySecret(
  db: FrostDatabase,
  secretHash: string,
): Promise<Device | undefined> {
  const row = await db
    .selectFrom('device')
    .selectAll()
    .where('secret_hash', '=', secretHash)
    .where('revoked_at', 'is', null)
    .executeTakeFirst();
  return row && entityOf<Device>(DEVICE_FIELDS, row);
}

/** Devices and tokens that may come in, the latest first. */
export async function listDevices(db: FrostDatabase): Promise<ListedDevice[]> {
  const rows = await db
    .selectFrom('device')
    .selectAll()
    .where('revoked_at', 'is', null)
    .orderBy('created_at', 'desc')
    .orderBy('id')
    .execute();
  return rows.map((row) => {
    const { secretHash: _hash, ...listed } = entityOf<Device>(DEVICE_FIELDS, row);
    return listed;
  });
}

const sameName = (name: string) => name.trim().normalize('NFKC').toLowerCase();

/** Whether another device or token that may come in has this name: what it does is signed with it. */
export async function isNameTaken(db: FrostDatabase, name: string, but?: string): Promise<boolean> {
  const held = (await listDevices(db)).filter(({ id }) => id !== but);
  return held.some((device) => sameName(device.name) === sameName(name));
}

/** Renames a device or gives it another role; false where it may not come in. */
export async function changeDevice(
  db: FrostDatabase,
  id: string,
  { name, role }: { name: string; role: DeviceRole },
): Promise<boolean> {
  const done = await db
    .updateTable('device')
    .set({ name, role })
    .where('id', '=', id)
    .where('revoked_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Lets a device in no more; false where it was not let in. */
export async function revokeDevice(db: FrostDatabase, id: string, at: string): Promise<boolean> {
  const done = await db
    .updateTable('device')
    .set({ revoked_at: at })
    .where('id', '=', id)
    .where('revoked_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** The hashes of all secrets that were revoked. */
export async function revokedSecrets(db: FrostDatabase): Promise<string[]> {
  const rows = await db
    .selectFrom('device')
    .select('secret_hash')
    .where('revoked_at', 'is not', null)
    .execute();
  return rows.map(({ secret_hash }) => secret_hash);
}

/** Revokes what has one of these secrets and was not revoked yet; gives how many that were. */
export async function revokeSecrets(
  db: FrostDatabase,
  hashes: readonly string[],
  at: string,
): Promise<number> {
  const done = await db
    .updateTable('device')
    .set({ revoked_at: at })
    .where('secret_hash', 'in', hashes)
    .where('revoked_at', 'is', null)
    .executeTakeFirst();
  return Number(done.numUpdatedRows);
}

/** Notes when a device was last here. */
export async function sawDevice(db: FrostDatabase, id: string, at: string): Promise<void> {
  await db.updateTable('device').set({ last_seen_at: at }).where('id', '=', id).execute();
}
