import { X509Certificate } from 'node:crypto';
import { once } from 'node:events';
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { connect, createServer } from 'node:tls';
import { beforeEach, describe, expect, it } from 'vitest';
import { addressProblem, machineNames } from '../../host/lan/addresses.mjs';
import { papersOf } from '../../host/lan/authority.mjs';
import { TLS } from '../../host/lan/listen.mjs';
import { temporaryFolder } from './temporary-database';

const DAY_MS = 86_400_000;
const NOW_MS = Date.parse('2027-01-13T12:00:00Z');
const CABIN = { own: ['cabin', 'cabin.local'], addresses: ['192.168.7.4'], nowMs: NOW_MS };

let folder: string;
beforeEach(() => {
  folder = temporaryFolder();
});

describe('the papers of a machine', () => {
  it('are made once, fit its addresses and names, and only their owner reads the keys', async () => {
    const papers = await papersOf(folder, CABIN);
    expect(await papersOf(folder, { ...CABIN, nowMs: NOW_MS + 30 * DAY_MS })).toEqual(papers);
    const [machine, authority] = [
      new X509Certificate(papers.certificate),
      new X509Certificate(papers.authority),
    ];
    expect(machine.verify(authority.publicKey)).toBe(true);
    expect(machine.ca).toBe(false);
    expect(machine.checkHost('cabin.local')).toBe('cabin.local');
    expect(machine.checkIP('192.168.7.4')).toBe('192.168.7.4');
    expect(machine.checkIP('192.168.7.5')).toBeUndefined();
    expect(papers.fingerprint).toBe(authority.fingerprint256);
    for (const name of ['authority.key', 'machine.key']) {
      expect(statSync(path.join(folder, name)).mode & 0o777).toBe(0o600);
    }
  });

  it('vouch for private networks and own names alone', async () => {
    const { authority } = await papersOf(folder, CABIN);
    const raw = new X509Certificate(authority).raw.toString('latin1');
    expect(raw).toContain('cabin.local');
    expect(raw).toContain(String.fromCharCode(192, 168, 0, 0, 255, 255, 0, 0));
    // A machine in the open network: a new authority, for this one address more.
    const open = await papersOf(folder, { ...CABIN, addresses: ['203.0.113.9'] });
    expect(open.authority).not.toBe(authority);
    const held = new X509Certificate(open.authority).raw.toString('latin1');
    expect(held).toContain(String.fromCharCode(203, 0, 113, 9, 255, 255, 255, 255));
  });

  it('follow another address without a new authority, and are made anew in time', async () => {
    const first = await papersOf(folder, CABIN);
    const moved = await papersOf(folder, { ...CABIN, addresses: ['10.1.2.3'] });
    expect(moved.fingerprint).toBe(first.fingerprint);
    expect(new X509Certificate(moved.certificate).checkIP('10.1.2.3')).toBe('10.1.2.3');
    const late = { ...CABIN, addresses: ['10.1.2.3'], nowMs: NOW_MS + 340 * DAY_MS };
    const renewed = await papersOf(folder, late);
    expect(renewed.certificate).not.toBe(moved.certificate);
    expect(renewed.fingerprint).toBe(first.fingerprint);
    expect(Date.parse(new X509Certificate(renewed.certificate).validTo)).toBeGreaterThan(
      late.nowMs + 300 * DAY_MS,
    );
  });

  it('that are damaged are made anew', async () => {
    const first = await papersOf(folder, CABIN);
    writeFileSync(path.join(folder, 'machine.crt'), 'no certificate');
    const second = await papersOf(folder, CABIN);
    expect(second.fingerprint).toBe(first.fingerprint);
    writeFileSync(path.join(folder, 'authority.crt'), '');
    const third = await papersOf(folder, CABIN);
    expect(third.fingerprint).not.toBe(first.fingerprint);
    const machine = new X509Certificate(readFileSync(path.join(folder, 'machine.crt')));
    expect(machine.verify(new X509Certificate(third.authority).publicKey)).toBe(true);
  });
});

it('an address that is none of this machine is refused with those it has', () => {
  expect(addressProblem('127.0.0.2')).toBeUndefined();
  for (const wrong of ['203.0.113.9', 'cabin', '::1', '']) {
    expect(addressProblem(wrong)).toContain('is not an address of this machine');
  }
  for (const name of machineNames()) expect(name).toMatch(/^[a-z0-9-]+(\.local)?$/);
});

/** What a connection with these settings comes to: the cipher, or that the server refused it. */
async function agreed(settings: object): Promise<string> {
  const { certificate, key } = await papersOf(folder, CABIN);
  const server = createServer({ cert: certificate, key, ...TLS });
  server.on('tlsClientError', () => undefined);
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const socket = connect({ port, host: '127.0.0.1', rejectUnauthorized: false, ...settings });
  try {
    await once(socket, 'secureConnect');
    return socket.getCipher().name;
  } catch (error) {
    const code = String((error as { code?: unknown }).code);
    return code.includes('ALERT') ? 'refused' : code;
  } finally {
    socket.destroy();
    server.close();
  }
}

it.each([
  ['TLS 1.3', {}, 'TLS_AES_256_GCM_SHA384'],
  [
    'the one authenticated cipher',
    { maxVersion: 'TLSv1.2', ciphers: 'ECDHE-ECDSA-AES128-GCM-SHA256' },
    'ECDHE-ECDSA-AES128-GCM-SHA256',
  ],
  [
    'a cipher without authentication in one',
    { maxVersion: 'TLSv1.2', ciphers: 'ECDHE-ECDSA-AES128-SHA256' },
    'refused',
  ],
  [
    'TLS 1.1',
    { minVersion: 'TLSv1.1', maxVersion: 'TLSv1.1', ciphers: 'DEFAULT@SECLEVEL=0' },
    'refused',
  ],
])('https with %s: %j is answered with %s', async (_what, settings, wanted) => {
  expect(await agreed(settings)).toBe(wanted);
});
