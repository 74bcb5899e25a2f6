import { callersDatabase } from '@/server/callers-database';
import { exportAnswers } from '@/features/practice/use-cases/export-answers';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ format }) => exportAnswers(callersDatabase(), format));
