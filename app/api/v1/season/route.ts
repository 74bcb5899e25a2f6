import { callersDatabase } from '@/server/callers-database';
import { exportSeason } from '@/features/season/use-cases/export-season';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ outing, format }) => exportSeason(callersDatabase(), outing, format));
