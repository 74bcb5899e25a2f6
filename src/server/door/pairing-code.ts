import { randomInt, timingSafeEqual } from 'node:crypto';
import type { DeviceRole } from '@/core/model';
import { newSecret } from '@/formats/secrets';

/** Letters and figures that nobody takes for another. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const LENGTH = 8;
export const CODE_LIVES_MS = 300_000;

/** A code that lets one device in, with what that device may do. */
export interface PairingCode {
  code: string;
  /** The same for who scans it: so long that nobody guesses it, however often. */
  secret: string;
  role: DeviceRole;
  endsMs: number;
}

/** A new code at a time in ms. */
export const newPairingCode = (role: DeviceRole, nowMs: number): PairingCode => ({
  code: Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join(''),
  secret: newSecret(),
  role,
  endsMs: nowMs + CODE_LIVES_MS,
});

/** A code as it was typed, without what people put between its letters. */
export const tidiedCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** True when the scanned secret is this code's, in the same time whatever was sent. */
export function isSecret({ secret, endsMs }: PairingCode, sent: string, nowMs: number): boolean {
  const given = Buffer.alloc(secret.length);
  given.write(sent.slice(0, secret.length));
  const isSame = timingSafeEqual(given, Buffer.from(secret));
  return isSame && sent.length === secret.length && nowMs < endsMs;
}

/** True when the typed code is this one, in the same time whatever was typed. */
export function isCode({ code, endsMs }: PairingCode, typed: string, nowMs: number): boolean {
  const given = Buffer.alloc(LENGTH);
  given.write(tidiedCode(typed).slice(0, LENGTH));
  const isSame = timingSafeEqual(given, Buffer.from(code));
  return isSame && tidiedCode(typed).length === LENGTH && nowMs < endsMs;
}
