import { CSV, JSON_TYPE } from './worst';

/** A request as a browser or a program would hardly send it. */
export interface HostileRequest {
  path: string;
  method: string;
  body?: string;
  headers?: Record<string, string>;
}

const PATHS = ['/', '/outing/x/snow', '/api/v1/pick', '/api/v1/readings', '/nothing', '/ski/x'];
const TAILS = ['', '%00', '%2e%2e%2f', '%E0%A4%A', '?outing[]=1', '?format=__proto__', '/..;/'];
const METHODS = ['GET', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'PATCH'];
const BODIES = ['', 'null', '[]', '{}', '"x"', '{"__proto__":{}}', '\u0000', '{"snow":1e999}'];
const ROUTES = [
  'pick',
  'outlook',
  'grip',
  'iron',
  'glide',
  'readings',
  'products',
  'skis',
  'outbox',
];
const TYPES = [JSON_TYPE, CSV, 'text/plain', 'multipart/form-data; boundary=x'];
const ACTIONS = ['[object Object]', '0'.repeat(42), 'x', '40'.repeat(21)];
const CALLS = ['[]', '[{}]', 'not json', '["$F1"]'];

/** Odd paths with every method, odd bodies of every type to each route, and calls of actions that are none. */
export const hostileRequests = (): HostileRequest[] => [
  ...PATHS.flatMap((path) =>
    TAILS.flatMap((tail) => METHODS.map((method) => ({ path: `${path}${tail}`, method }))),
  ),
  ...ROUTES.flatMap((route) =>
    BODIES.flatMap((body) =>
      TYPES.map((type) => ({
        path: `/api/v1/${route}`,
        method: 'POST',
        body,
        headers: { 'content-type': type },
      })),
    ),
  ),
  ...ACTIONS.flatMap((action) =>
    CALLS.map((body) => ({
      path: '/outing/demo-relay/snow',
      method: 'POST',
      body,
      headers: { 'next-action': action, 'content-type': 'text/plain;charset=UTF-8' },
    })),
  ),
];
