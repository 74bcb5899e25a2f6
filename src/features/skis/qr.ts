import QRCode from 'qrcode';

/** The label of a ski as an SVG: the address that opens it on this server. */
export function skiQr(origin: string, skiId: string): Promise<string> {
  const address = `${origin}/ski/${encodeURIComponent(skiId)}`;
  return QRCode.toString(address, { type: 'svg', margin: 1, errorCorrectionLevel: 'M' });
}

/** The address this server was asked under, from its request's headers. */
export function originOf(headers: Headers): string {
  const host = headers.get('host') ?? '127.0.0.1';
  const scheme = headers.get('x-forwarded-proto') ?? 'http';
  return `${scheme}://${host}`;
}
