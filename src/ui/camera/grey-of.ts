import type { GreyPicture } from '@/core/grain-card';

/** Longer sides are made this long: finer than grains need, and quick to measure. */
const MOST_PX = 1400;
/** How light the eye takes red, green and blue (ITU-R BT.601). */
const [RED, GREEN, BLUE] = [0.299, 0.587, 0.114];
const CHANNELS = 4;

/** The pixels of what can be drawn, at its own size or made smaller. */
export function pixelsOf(
  source: CanvasImageSource,
  size: { width: number; height: number },
  mostPx = MOST_PX,
): ImageData {
  const scale = Math.min(1, mostPx / Math.max(size.width, size.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(size.width * scale);
  canvas.height = Math.round(size.height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** A photo as a grey picture; undefined for a file that is no photo. */
export async function greyOf(file: Blob): Promise<GreyPicture | undefined> {
  const photo = await createImageBitmap(file).catch(() => undefined);
  if (!photo) return undefined;
  const { data, width, height } = pixelsOf(photo, photo);
  photo.close();
  const grey = new Float32Array(width * height);
  for (let i = 0; i < grey.length; i += 1) {
    const at = i * CHANNELS;
    grey[i] = RED * data[at]! + GREEN * data[at + 1]! + BLUE * data[at + 2]!;
  }
  return { grey, width, height };
}
