import { forecastFromText } from '@/features/snow/use-cases/forecast-snow';
import { answerRoute, readJsonText } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? forecastFromText(text.value) : text;
  });
