import { callersDatabase } from '@/server/callers-database';
import { planFromText } from '@/features/plan/use-cases/plan-bench';
import { exportPlan } from '@/features/plan/use-cases/plan-files';
import { answerRoute, readJsonText } from '@/formats/wire';
import { fileRoute } from '@/server/file-route';

const MOST_BYTES = 1_000_000;

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ format }) => exportPlan(callersDatabase(), format));

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? planFromText(text.value) : text;
  });
