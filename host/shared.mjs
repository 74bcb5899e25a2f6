// What the host shares with the app's bundles in this process: `src/core/shared.ts` holds the same object.

/**
 * @typedef {import('node:http').IncomingMessage} Asked
 * @typedef {import('node:http').ServerResponse} Answer
 * @typedef {{ role: string, client: string }} From
 *
 * What the app says of a refusal, once it runs.
 * @typedef {{ message: string | undefined, page: (message: string, refreshS?: number) => string }} Said
 *
 * @typedef {object} Shared
 * @property {number} [clockShiftMs]
 * @property {() => void} [forgetPages]
 * @property {<T>(asked: Asked, work: () => T) => T} [inLanguage]
 * @property {<T>(work: () => T) => T} [asHere]
 * @property {(code: string) => Said} [refusal]
 * @property {(asked: Asked, answer: Answer, serve: (from: From) => Promise<void>) => Promise<void>} [reception]
 */

/** @returns {Shared} */
export function shared() {
  const all = /** @type {{ frost?: Shared }} */ (globalThis);
  return (all.frost ??= {});
}
