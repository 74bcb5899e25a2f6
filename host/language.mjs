// The language in which a request is answered.
import { shared } from './shared.mjs';

/** @typedef {import('node:http').IncomingMessage} Asked */

/**
 * Answers a request in the language of who asks; the app, once it runs, knows which that is.
 * @template T
 * @param {Asked} asked
 * @param {() => T} work
 * @returns {T}
 */
export function inLanguage(asked, work) {
  const { inLanguage: answer } = shared();
  return answer ? answer(asked, work) : work();
}
