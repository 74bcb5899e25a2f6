import { ironFromText } from '@/features/iron/use-cases/run-iron';
import { answerRoute, readJsonText } from '@/formats/wire';

const MOST_BYTES = 100_000;

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? ironFromText(text.value) : text;
  });
