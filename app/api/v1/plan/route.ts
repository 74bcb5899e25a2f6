import { planFromText } from '@/features/plan/use-cases/plan-bench';
import { exportPlan } from '@/features/plan/use-cases/plan-files';
import { jsonRoute } from '@/formats/wire';
import { callersDatabase } from '@/server/callers-database';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ format }) => exportPlan(callersDatabase(), format));

export const POST = jsonRoute(1_000_000, planFromText);
