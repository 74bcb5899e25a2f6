import { callersDatabase } from '@/server/callers-database';
import { pickFromText } from '@/features/pick/use-cases/pick-wax';
import { answerJson, readJsonText } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export const POST = (request: Request): Promise<Response> =>
  answerJson(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    return text.ok ? pickFromText(callersDatabase(), text.value) : text;
  });
