import sharp from 'sharp';
import { failed } from './wire';

/** The answer to bytes that are no picture. */
export const NO_PHOTO = failed(
  'invalid_file',
  'This is no photo that can be read: take a JPEG, PNG or WebP.',
);

const LONGEST_SIDE_PX = 1600;
const QUALITY = 80;
const MOST_PIXELS = 60_000_000;

/**
 * A photo as it is kept: turned upright, at most 1600 px, encoded anew as JPEG without any metadata, so that
 * neither place nor device goes with it. Undefined for what is no image, or one of over 60 megapixels.
 */
export async function cleanPhoto(bytes: Uint8Array): Promise<Buffer | undefined> {
  try {
    return await sharp(bytes, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .resize(LONGEST_SIDE_PX, LONGEST_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer();
  } catch {
    return undefined;
  }
}
