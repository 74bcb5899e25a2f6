import { createHash, randomBytes } from 'node:crypto';

const SECRET_BYTES = 32;
const BEARER = /^Bearer ([\w-]{20,100})$/;

/** A secret for a device, a script or a cabin: 256 bits, letters that an address and a header may carry. */
export const newSecret = (): string => randomBytes(SECRET_BYTES).toString('base64url');

/** What of a secret is stored: it cannot be told from it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** The secret that a request brings in its header; undefined for none. */
export const bearerOf = (authorization: string | undefined): string | undefined =>
  BEARER.exec(authorization ?? '')?.[1];
