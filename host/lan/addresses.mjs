// The addresses and names under which this machine can be reached from beyond it.
import { hostname, networkInterfaces } from 'node:os';
import { isIP } from 'node:net';

const HERE = '127.0.0.1';

/** Every address of this machine that others can reach: no loopback, IPv4 only. */
export const ownAddresses = () =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);

/** The names of this machine on its network. */
export function machineNames() {
  const name = hostname().toLowerCase();
  if (!/^[a-z0-9-]{1,63}$/.test(name)) return [];
  return [name, `${name}.local`];
}

/** What is wrong with an address that was asked for; undefined for one of this machine.
 * @param {string} address */
export function addressProblem(address) {
  const own = ownAddresses();
  if (address === HERE) {
    return `${address} is this machine itself: it is answered there anyway. Name an address of its network, or start with --lan alone.`;
  }
  const isLoopback = /^127\./.test(address);
  if (isIP(address) === 4 && (isLoopback || own.includes(address))) return undefined;
  return `${address} is not an address of this machine. ${
    own.length > 0 ? `Its addresses are ${own.join(', ')}.` : 'It is on no network just now.'
  }`;
}
