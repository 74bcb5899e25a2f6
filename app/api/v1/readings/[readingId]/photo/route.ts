import { callersDatabase } from '@/server/callers-database';
import { dropPhoto, keepPhoto, showPhoto } from '@/features/snow/use-cases/reading-photo';
import { answerRoute } from '@/formats/wire';
import { performWrite, keyOf, writing } from '@/server/write';
import { photoBody, photoRoute } from '@/server/photo-route';

interface PhotoContext {
  params: Promise<{ readingId: string }>;
}

export const POST = (request: Request, { params }: PhotoContext): Promise<Response> =>
  answerRoute(async () => {
    const { readingId } = await params;
    const photo = await photoBody(request);
    if (!photo.ok) return photo;
    return keepPhoto(callersDatabase(), {
      readingId,
      bytes: photo.value,
      write: writing(keyOf(request), 'photo.keep'),
    });
  });

export const GET = (_request: Request, { params }: PhotoContext): Promise<Response> =>
  photoRoute(async () => showPhoto(callersDatabase(), (await params).readingId));

export const DELETE = (request: Request, { params }: PhotoContext): Promise<Response> =>
  answerRoute(async () => {
    const { readingId } = await params;
    return performWrite(keyOf(request), 'photo.drop', (db) => dropPhoto(db, readingId));
  });
