import sharp, { type Metadata } from 'sharp';
import { failed } from './wire';
import { formatsScreenWords } from '../words/screens/formats';
import { shared } from '../core/shared';

const WORDS = formatsScreenWords.photo;

/** The answer to bytes that are no picture. */
export const noPhoto = () => failed('invalid_file', WORDS.thisIsNoPhotoThat);

const LONGEST_SIDE_PX = 1600;
const QUALITY = 80;
const MOST_PIXELS = 60_000_000;
/** What cameras and browsers make. A drawing (SVG), an animation (GIF) or a scan (TIFF) is no photo. */
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp', 'heif'];
const SNIFFED = 12;
const MARKS = ['ffd8ff', '89504e47', '52494646'];

/** Looks at the first bytes alone, before any decoder does. */
function looksLikePhoto(bytes: Uint8Array): boolean {
  const head = Buffer.from(bytes.subarray(0, SNIFFED));
  const isHeif = head.subarray(4, 8).toString('latin1') === 'ftyp';
  return isHeif || MARKS.some((mark) => head.toString('hex').startsWith(mark));
}

const isTaken = ({ format, width = 0, height = 0 }: Metadata) =>
  FORMATS.includes(format ?? '') && width * height > 0 && width * height <= MOST_PIXELS;

async function clean(bytes: Uint8Array): Promise<Buffer | undefined> {
  try {
    const options = { limitInputPixels: MOST_PIXELS, pages: 1 };
    if (!isTaken(await sharp(bytes, options).metadata())) return undefined;
    return await sharp(bytes, options)
      .rotate()
      .resize(LONGEST_SIDE_PX, LONGEST_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer();
  } catch {
    return undefined;
  }
}

declare module '../core/shared' {
  interface Shared {
    decoding: Promise<unknown>;
  }
}

/**
 * A photo as it is kept: turned upright, at most 1600 px, encoded anew as JPEG without any metadata, so that
 * neither place nor device goes with it. Pictures are decoded one after another, since one of 60 megapixels
 * takes 240 MB while it is open. Undefined for what is no photo, or a larger one.
 */
export async function cleanPhoto(bytes: Uint8Array): Promise<Buffer | undefined> {
  if (!looksLikePhoto(bytes)) return undefined;
  const before = shared.decoding ?? Promise.resolve();
  const mine = before.then(() => clean(bytes));
  shared.decoding = mine;
  return mine;
}

// One picture at a time, and none kept decoded.
sharp.cache(false);
sharp.concurrency(1);
