import QRCode from 'qrcode';
import { lan } from './lan';

/** A text as a QR code, an SVG. */
export const qrOf = (text: string): Promise<string> =>
  QRCode.toString(text, { type: 'svg', margin: 1, errorCorrectionLevel: 'M' });

/** The label of a ski: the address that opens it on this server. */
export const skiQr = (origin: string, skiId: string): Promise<string> =>
  qrOf(`${origin}/ski/${encodeURIComponent(skiId)}`);

/** The address under which devices open this server: the one beyond this machine, else the one it was asked under. */
export function originOf(headers: Headers): string {
  const host = headers.get('host') ?? '127.0.0.1';
  const scheme = headers.get('x-forwarded-proto') ?? 'http';
  const asked = `${scheme}://${host}`;
  const isHere = /^(127\.|localhost|\[::1\])/.test(host) && scheme === 'http';
  return (isHere ? lan()?.origins[0] : undefined) ?? asked;
}
