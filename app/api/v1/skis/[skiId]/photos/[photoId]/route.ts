import { database } from '@/data/database';
import { showSkiPhoto } from '@/features/skis/use-cases/ski-photos';
import { toResponse } from '@/formats/wire';

export async function GET(
  _request: Request,
  { params }: { params: Promise<{ skiId: string; photoId: string }> },
): Promise<Response> {
  const photo = await showSkiPhoto(database(), (await params).photoId);
  if (!photo.ok) return toResponse(photo);
  return new Response(photo.value, { headers: { 'content-type': 'image/jpeg' } });
}
