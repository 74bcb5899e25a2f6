import { callersDatabase } from '@/server/callers-database';
import { keepSkiPhoto } from '@/features/skis/use-cases/ski-photos';
import { answerRoute } from '@/formats/wire';
import { keyOf, writing } from '@/server/write';
import { photoBody } from '@/server/photo-route';

export const POST = (
  request: Request,
  { params }: { params: Promise<{ skiId: string }> },
): Promise<Response> =>
  answerRoute(async () => {
    const { skiId } = await params;
    const photo = await photoBody(request);
    if (!photo.ok) return photo;
    return keepSkiPhoto(callersDatabase(), {
      skiId,
      bytes: photo.value,
      write: writing(keyOf(request), 'ski.photo'),
    });
  });
