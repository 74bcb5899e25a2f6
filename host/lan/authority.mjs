// A certificate authority of this machine's own and the certificate of its addresses, made at the first start that needs them.
// The authority may vouch for addresses of private networks and for this machine's names only, so that a device that trusts it risks nothing elsewhere.
import { createHash, createPrivateKey, randomBytes, webcrypto, X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { BlockList } from 'node:net';
import path from 'node:path';
import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import * as x509 from '@peculiar/x509';
import { textIn, writeWhole } from './whole-file.mjs';

const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Browsers take no longer one. */
const MACHINE_DAYS = 390;
/** Made anew when less of its life is left. */
const RENEW_DAYS = 60;
const OWNER_ALONE = 0o600;
const SERIAL_BYTES = 16;
const NAME_CONSTRAINTS = '2.5.29.30';
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
/** Every network that is not the open one. */
const PRIVATE_NETWORKS = [
  '10.0.0.0/8',
  '127.0.0.0/8',
  '169.254.0.0/16',
  '172.16.0.0/12',
  '192.168.0.0/16',
];

x509.cryptoProvider.set(/** @type {any} */ (webcrypto));

/**
 * @typedef {{ key: string, certificate: string, authority: string, fingerprint: string }} Papers
 * `key`, `certificate` and `authority` as PEM; the fingerprint is the authority's, SHA-256.
 */

const serial = () =>
  randomBytes(SERIAL_BYTES)
    .toString('hex')
    .replace(/^[89a-f]/, '1');

/** @param {readonly string[]} names @param {readonly string[]} addresses */
function constraints(names, addresses) {
  const permitted = [
    ...[...names, 'localhost'].map((dNSName) => new GeneralName({ dNSName })),
    ...[...PRIVATE_NETWORKS, ...addresses.map((address) => `${address}/32`)].map(
      (iPAddress) => new GeneralName({ iPAddress }),
    ),
  ].map((base) => new GeneralSubtree({ base }));
  const value = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) });
  return new x509.Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(value));
}

const newKeys = () => webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);

/** @param {webcrypto.CryptoKey} key */
async function pemOf(key) {
  const bytes = await webcrypto.subtle.exportKey('pkcs8', key);
  return x509.PemConverter.encode(bytes, 'PRIVATE KEY');
}

/** @param {string} pem */
const keyFrom = (pem) =>
  webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, true, [
    'sign',
  ]);

const FOR_ALL = 0o644;

/** Whether a certificate and a key, both PEM, belong together: what was only half written belongs to nothing.
 * @param {string} certificate @param {string} key */
function isPair(certificate, key) {
  try {
    return new X509Certificate(certificate).checkPrivateKey(createPrivateKey(key));
  } catch {
    return false;
  }
}

/** Says that what was there could not be used, once it was there at all. @param {string[]} files */
function tellBroken(files) {
  if (!files.some((file) => existsSync(file))) return;
  console.error(
    `The keys in ${path.dirname(files[0] ?? '')} could not be used and were made anew: devices that trusted this machine must install its certificate again.`,
  );
}

/** @param {string} file */
function certificateIn(file) {
  try {
    return new x509.X509Certificate(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  }
}

/** @param {x509.X509Certificate | undefined} certificate @param {number} nowMs */
const isFresh = (certificate, nowMs) =>
  certificate !== undefined &&
  certificate.notBefore.getTime() <= nowMs &&
  certificate.notAfter.getTime() - nowMs > RENEW_DAYS * DAY_MS;

/** @param {x509.X509Certificate} certificate @param {readonly string[]} wanted */
function names(certificate, wanted) {
  const held = certificate.getExtension(x509.SubjectAlternativeNameExtension);
  const all = new Set(held?.names.items.map(({ value }) => value));
  return wanted.every((one) => all.has(one));
}

/** @param {string} folder @param {{ own: readonly string[], addresses: readonly string[], nowMs: number }} machine */
async function authorityOf(folder, { own, addresses, nowMs }) {
  const [keyFile, file] = [path.join(folder, 'authority.key'), path.join(folder, 'authority.crt')];
  const held = certificateIn(file);
  const isWhole = isPair(textIn(file), textIn(keyFile));
  if (held && isWhole && isFresh(held, nowMs) && mayVouch(held, own, addresses)) {
    return { certificate: held, key: await keyFrom(textIn(keyFile)), isNew: false };
  }
  if (!isWhole) tellBroken([file, keyFile]);
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Frost Pick on ${own[0] ?? 'this machine'}`,
    notBefore: new Date(nowMs - DAY_MS),
    notAfter: new Date(nowMs + AUTHORITY_DAYS * DAY_MS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(
        x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign,
        true,
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      constraints(own, addresses),
    ],
  });
  writeWhole(keyFile, await pemOf(keys.privateKey), OWNER_ALONE);
  writeWhole(file, certificate.toString('pem'), FOR_ALL);
  return { certificate, key: keys.privateKey, isNew: true };
}

/** Whether the authority may vouch for these, by what it was made for.
 * @param {x509.X509Certificate} authority @param {readonly string[]} own @param {readonly string[]} addresses */
function mayVouch(authority, own, addresses) {
  const extension = authority.getExtension(NAME_CONSTRAINTS);
  if (!extension) return false;
  const { permittedSubtrees } = AsnConvert.parse(extension.value, NameConstraints);
  const bases = [...(permittedSubtrees ?? [])].map(({ base }) => base);
  const dns = new Set(bases.flatMap(({ dNSName }) => dNSName ?? []));
  const networks = new BlockList();
  for (const { iPAddress } of bases) {
    const [network, length] = iPAddress?.split('/') ?? [];
    if (network !== undefined) networks.addSubnet(network, Number(length));
  }
  return own.every((name) => dns.has(name)) && addresses.every((one) => networks.check(one));
}

/**
 * The papers of this machine for its addresses and names: those that are there, or made anew when they do not fit or
 * end soon.
 * @param {string} folder where they are kept
 * @param {{ own: readonly string[], addresses: readonly string[], nowMs: number }} machine
 * @returns {Promise<Papers>}
 */
export async function papersOf(folder, machine) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const { own, addresses, nowMs } = machine;
  const authority = await authorityOf(folder, machine);
  const [keyFile, file] = [path.join(folder, 'machine.key'), path.join(folder, 'machine.crt')];
  const held = certificateIn(file);
  const isGood =
    held !== undefined &&
    isPair(textIn(file), textIn(keyFile)) &&
    !authority.isNew &&
    isFresh(held, nowMs) &&
    names(held, [...own, ...addresses]);
  if (!isGood) {
    const keys = await newKeys();
    const certificate = await x509.X509CertificateGenerator.create({
      serialNumber: serial(),
      subject: `CN=${own[0] ?? addresses[0] ?? 'Frost Pick'}`,
      issuer: authority.certificate.subject,
      notBefore: new Date(nowMs - DAY_MS),
      notAfter: new Date(nowMs + MACHINE_DAYS * DAY_MS),
      signingAlgorithm: ALGORITHM,
      publicKey: keys.publicKey,
      signingKey: authority.key,
      extensions: [
        new x509.BasicConstraintsExtension(false, undefined, true),
        new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
        new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
        new x509.SubjectAlternativeNameExtension([
          ...own.map((value) => ({ type: /** @type {const} */ ('dns'), value })),
          ...addresses.map((value) => ({ type: /** @type {const} */ ('ip'), value })),
        ]),
        await x509.AuthorityKeyIdentifierExtension.create(authority.certificate.publicKey),
      ],
    });
    writeWhole(keyFile, await pemOf(keys.privateKey), OWNER_ALONE);
    writeWhole(file, certificate.toString('pem'), FOR_ALL);
  }
  const digest = createHash('sha256')
    .update(Buffer.from(authority.certificate.rawData))
    .digest('hex');
  return {
    key: readFileSync(keyFile, 'utf8'),
    certificate: readFileSync(file, 'utf8'),
    authority: authority.certificate.toString('pem'),
    fingerprint: (digest.toUpperCase().match(/../g) ?? []).join(':'),
  };
}
