import { callersDatabase } from '@/server/callers-database';
import { gripFromText } from '@/features/grip/use-cases/advise-grip';
import { answerRoute, readJsonText } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? gripFromText(callersDatabase(), text.value) : text;
  });
