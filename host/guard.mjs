// What is refused before the app sees it: unknown hosts, foreign origins, methods and addresses that are none.
import { normalAddress } from './address.mjs';

const WRITES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);
const METHODS = new Set(['GET', 'HEAD', 'OPTIONS', ...WRITES]);
/** Where a browser says that a request came from: the app's own page, or the person (address bar). */
const OWN_SITES = new Set(['same-origin', 'none']);

/**
 * @typedef {{ method?: string, url?: string, headers: Record<string, string | string[] | undefined> }} Asked
 * @typedef {{ status: number, code: string }} Refusal
 * @typedef {(asked: Asked) => Refusal | undefined} Guard
 */

/** @param {string | string[] | undefined} header */
const only = (header) => (typeof header === 'string' ? header : undefined);

/** The name in a Host header without its port; undefined where it is none.
 * @param {string | undefined} host */
export function hostName(host) {
  const match = /^(\[[0-9a-f:.]{2,45}\]|[a-z0-9.-]{1,253})(?::\d{1,5})?$/i.exec(host ?? '');
  return match?.[1]?.toLowerCase();
}

/** @param {Asked} asked @param {ReadonlySet<string>} names @returns {Refusal | undefined} */
function hostProblem({ headers }, names) {
  const name = hostName(only(headers.host));
  if (name !== undefined && names.has(name)) return undefined;
  return { status: 421, code: 'unknown_host' };
}

/** @param {Asked} asked @returns {Refusal | undefined} */
function methodProblem({ method = '' }) {
  return METHODS.has(method) ? undefined : { status: 405, code: 'method_not_allowed' };
}

/** A write must come from the app's own pages, or from a program that is no browser.
 * @param {Asked} asked @returns {Refusal | undefined} */
function originProblem({ method = '', headers }) {
  if (!WRITES.has(method)) return undefined;
  const [site, origin] = [only(headers['sec-fetch-site']), only(headers.origin)];
  const isForeignSite = site !== undefined && !OWN_SITES.has(site);
  const isForeignOrigin =
    origin !== undefined && originHost(origin) !== only(headers.host)?.toLowerCase();
  return isForeignSite || isForeignOrigin ? { status: 403, code: 'foreign_origin' } : undefined;
}

/** @param {string} origin */
function originHost(origin) {
  try {
    return new URL(origin).host.toLowerCase();
  } catch {
    return undefined;
  }
}

/** An action's reference is hexadecimal; anything else is no call of this app.
 * @param {Asked} asked @returns {Refusal | undefined} */
function actionProblem({ headers }) {
  const action = headers['next-action'];
  if (action === undefined) return undefined;
  return typeof action === 'string' && /^[0-9a-f]{20,80}$/i.test(action)
    ? undefined
    : { status: 400, code: 'unknown_action' };
}

/**
 * The check of every request for a server of these names. What it lets through has its address in the normal form.
 * @param {readonly string[]} names @returns {Guard}
 */
export function makeGuard(names) {
  const known = new Set(names.map((name) => name.toLowerCase()));
  return (asked) => {
    const address = normalAddress(asked.url ?? '');
    if (address === undefined) return { status: 400, code: 'invalid_path' };
    asked.url = address;
    return (
      hostProblem(asked, known) ??
      methodProblem(asked) ??
      originProblem(asked) ??
      actionProblem(asked)
    );
  };
}

/** The names of a server that listens on loopback, and those it was given.
 * @param {readonly string[]} given */
export const ownNames = (given) => ['127.0.0.1', 'localhost', '[::1]', ...given];
