// The language in which a request is answered.

/** @typedef {import('node:http').IncomingMessage} Asked */

/**
 * Answers a request in the language of who asks; the app, once it runs, knows which that is.
 * @template T
 * @param {Asked} asked
 * @param {() => T} work
 * @returns {T}
 */
export function inLanguage(asked, work) {
  const { frostInLanguage } =
    /** @type {{ frostInLanguage?: <U>(asked: Asked, work: () => U) => U }} */ (globalThis);
  return frostInLanguage ? frostInLanguage(asked, work) : work();
}
