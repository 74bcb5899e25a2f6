// Headers that every answer carries, and the policy of what a page may load.

const NONCE_BYTES = 16;

/** @param {string} nonce @param {boolean} isDevelopment */
export function contentPolicy(nonce, isDevelopment) {
  const development = isDevelopment ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development}`,
    // The components write their styles as they appear; scripts are what the nonce is for.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${isDevelopment ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export const newNonce = () =>
  Buffer.from(crypto.getRandomValues(new Uint8Array(NONCE_BYTES))).toString('base64');

/** @type {Record<string, string>} */
export const FIXED_HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy':
    'camera=(self), geolocation=(self), screen-wake-lock=(self), microphone=(), payment=(), usb=(), serial=()',
};
