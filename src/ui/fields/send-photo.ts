import { fileKey, forgetFileKey } from './file-key';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.sendPhoto;

const MOST_BYTES = 12_000_000;
const TAKEN = ['image/jpeg', 'image/png', 'image/webp', 'image/heic', 'image/heif'];

/** Kinds of pictures for a file field. */
export const PHOTO_ACCEPT = TAKEN.join(',');

/** Sends a photo, once also when its answer was lost; gives what went wrong, or undefined. */
export async function sendPhoto(url: string, file: File): Promise<string | undefined> {
  if (!TAKEN.includes(file.type)) return WORDS.photoWrongKind;
  if (file.size > MOST_BYTES) return WORDS.photoTooLarge;
  try {
    const headers = { 'content-type': file.type, 'idempotency-key': fileKey(url, file) };
    const response = await fetch(url, { method: 'POST', headers, body: file });
    forgetFileKey(url, file);
    if (response.ok) return undefined;
    const failure = (await response.json()) as { message?: string };
    return failure.message ?? WORDS.refusedByServer;
  } catch {
    return WORDS.refusedByServer;
  }
}
