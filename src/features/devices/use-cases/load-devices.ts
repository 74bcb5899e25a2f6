import type { DeviceRole, ListedDevice } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { listDevices } from '@/data/devices';
import { door } from '@/server/door/door';
import { lan } from '@/server/lan';
import { isAtHost } from '@/server/permission';
import { qrOf } from '@/server/qr';

/** A code that lets one device in, as the host shows it. */
export interface ShownCode {
  code: string;
  role: DeviceRole;
  endsMs: number;
  /** Where a device types it in, one address a network. */
  addresses: string[];
  /** The first of these with the secret of the code in it, as a picture (SVG). */
  qr: string;
}

/** Somebody who tried to pair in vain. */
export interface PairTryLine {
  from: string;
  name: string;
  atMs: number;
}

/** All that the screen of devices shows. */
export interface DevicesData {
  devices: ListedDevice[];
  /** Undefined: this server listens on its own machine alone. */
  fingerprint: string | undefined;
  code: ShownCode | undefined;
  /** Who tried to pair in vain within the last minutes. */
  tries: PairTryLine[];
  /** Whether who asks sits at the host computer. */
  isHost: boolean;
}

async function shownCode(): Promise<ShownCode | undefined> {
  const standing = door().code();
  const where = lan();
  if (!standing || !where) return undefined;
  const { code, secret, role, endsMs } = standing;
  const addresses = where.origins.map((origin) => `${origin}/pair`);
  return { code, role, endsMs, addresses, qr: await qrOf(`${addresses[0]}?key=${secret}`) };
}

const seenAt = (device: ListedDevice): string | undefined => {
  const seenMs = door().seenMs(device.id);
  return seenMs === undefined ? device.lastSeenAt : new Date(seenMs).toISOString();
};

/** Devices and tokens, and at the host computer the code that stands. */
export async function loadDevices(db: FrostDatabase): Promise<DevicesData> {
  const isHost = isAtHost();
  const devices = await listDevices(db);
  return {
    devices: devices.map((device) => ({ ...device, lastSeenAt: seenAt(device) })),
    fingerprint: lan()?.fingerprint,
    code: isHost ? await shownCode() : undefined,
    tries: isHost ? door().triesNow() : [],
    isHost,
  };
}
