import { planFromText } from '@/features/plan/use-cases/plan-bench';
import { answerRoute, readJsonText } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? planFromText(text.value) : text;
  });
