import { database } from '@/data/database';
import { exportSeason } from '@/features/season/use-cases/export-season';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ outing, format }) => exportSeason(database(), outing, format));
