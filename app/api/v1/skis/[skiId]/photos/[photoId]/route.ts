import { callersDatabase } from '@/server/callers-database';
import { showSkiPhoto } from '@/features/skis/use-cases/ski-photos';
import { photoRoute } from '@/server/photo-route';

export const GET = (
  _request: Request,
  { params }: { params: Promise<{ skiId: string; photoId: string }> },
): Promise<Response> =>
  photoRoute(async () => showSkiPhoto(callersDatabase(), (await params).photoId));
