import type { FieldsOf } from './field';

/** What a device may do: all of the work, or look at it. */
export const DEVICE_ROLES = ['works', 'looks'] as const;
export type DeviceRole = (typeof DEVICE_ROLES)[number];

/** A tablet or phone that was paired, or a token for a script. */
export const DEVICE_KINDS = ['device', 'token'] as const;

/** What may reach this server from beyond its machine. Accounts of people are not made: devices are. */
export interface Device {
  id: string;
  kind: (typeof DEVICE_KINDS)[number];
  name: string;
  role: DeviceRole;
  /** SHA-256 of its secret, hexadecimal: the secret itself is with the device alone. */
  secretHash: string;
  createdAt: string;
  lastSeenAt?: string;
  revokedAt?: string;
}

export const DEVICE_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  kind: { type: 'choice', of: DEVICE_KINDS, isRequired: true, isInternal: true },
  name: { type: 'text', most: 40, isRequired: true },
  role: { type: 'choice', of: DEVICE_ROLES, isRequired: true },
  secretHash: { type: 'text', most: 64, isRequired: true, isInternal: true },
  createdAt: { type: 'moment', isRequired: true, isInternal: true },
  lastSeenAt: { type: 'moment', isInternal: true },
  revokedAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<Device>;

/** A device as its list shows it: without what only the server compares. */
export type ListedDevice = Omit<Device, 'secretHash' | 'revokedAt'>;
