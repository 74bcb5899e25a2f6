import { glideFromText } from '@/features/glide/use-cases/answer-glide';
import { answerRoute, readJsonText } from '@/formats/wire';

const MOST_BYTES = 100_000;

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? glideFromText(text.value) : text;
  });
