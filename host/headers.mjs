// Headers that every answer carries, and the policy of what a page may load.

const NONCE_BYTES = 16;

/**
 * The policy of an answer. `compiles`: it may be the file of a web worker, which runs compiled kernels; a page runs none.
 * @param {string} nonce
 * @param {{ isDevelopment?: boolean, compiles?: boolean }} [of]
 */
export function contentPolicy(nonce, { isDevelopment = false, compiles = false } = {}) {
  const development = isDevelopment ? " 'unsafe-eval'" : '';
  const compiled = compiles ? " 'wasm-unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development}${compiled}`,
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
