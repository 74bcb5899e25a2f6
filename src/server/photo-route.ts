import { answered, readTyped, toResponse, type WireResult } from '../formats/wire';

const MOST_BYTES = 12_000_000;
/** What a browser calls the pictures that are read; what they are is seen in their bytes. */
const TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/heic', 'image/heif'];

/** The bytes of a photo that was sent, or why they are not taken. */
export const photoBody = (request: Request): Promise<WireResult<Uint8Array>> =>
  readTyped(request, TYPES, MOST_BYTES);

/** Answers with a photo as it is kept. */
export async function photoRoute(
  work: () => Promise<WireResult<Uint8Array<ArrayBuffer>>>,
): Promise<Response> {
  const photo = await answered(work);
  if (!photo.ok) return toResponse(photo);
  return new Response(photo.value, {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'no-store' },
  });
}
