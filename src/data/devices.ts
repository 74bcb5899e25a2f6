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

/** Notes when a device was last here. */
export async function sawDevice(db: FrostDatabase, id: string, at: string): Promise<void> {
  await db.updateTable('device').set({ last_seen_at: at }).where('id', '=', id).execute();
}
