import { callersDatabase } from '@/server/callers-database';
import { exportChoices } from '@/features/log/use-cases/export-choices';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ outing, format }) => exportChoices(callersDatabase(), outing, format));
