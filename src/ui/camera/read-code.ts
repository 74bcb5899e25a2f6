/** What is used of a browser's own reader of codes. */
interface OwnReader {
  detect: (source: ImageData) => Promise<{ rawValue: string }[]>;
}

interface OwnReaders {
  BarcodeDetector?: new (options: { formats: string[] }) => OwnReader;
}

let own: OwnReader | undefined;

/** The text of a QR code on a picture: by the browser's own reader, else by one that comes along; undefined for none. */
export async function readCode(picture: ImageData): Promise<string | undefined> {
  const { BarcodeDetector } = globalThis as OwnReaders;
  if (BarcodeDetector) {
    try {
      own ??= new BarcodeDetector({ formats: ['qr_code'] });
      const [found] = await own.detect(picture);
      return found?.rawValue;
    } catch {
      // Some browsers have the name and not the reader.
    }
  }
  const { default: jsQR } = await import('jsqr');
  return jsQR(picture.data, picture.width, picture.height)?.data;
}

/** The ski that a label names, whatever server it was printed from; undefined for what is no label. */
export const skiOnLabel = (text: string): string | undefined => {
  const id = /^https?:\/\/[^/]+\/ski\/([^/?#]+)$/.exec(text)?.[1];
  return id === undefined ? undefined : decodeURIComponent(id);
};
