import { formatsScreenWords } from '../words/screens/formats';

const WORDS = formatsScreenWords.text;
/** Bytes as text, or why they are none. */
export type Decoded = { ok: true; text: string } | { ok: false; message: string };

// What no text file holds: control characters but tab and line ends.
const NOT_TEXT = /[\u0000-\u0008\u000e-\u001a\u001c-\u001f]/;

function decoded(bytes: Uint8Array, encoding: string): string | undefined {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}

function encodingOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  return 'utf-8';
}

/**
 * The text of a file: UTF-8, UTF-16 with its mark, or else Windows-1252 (Latin-1 with the typographic
 * signs), as older spreadsheets write it. Bytes that are no text in any of them are refused; nothing is
 * replaced silently.
 */
export function decodeText(bytes: Uint8Array): Decoded {
  const text = decoded(bytes, encodingOf(bytes)) ?? decoded(bytes, 'windows-1252');
  return text === undefined || NOT_TEXT.test(text)
    ? { ok: false, message: WORDS.notText }
    : { ok: true, text };
}
