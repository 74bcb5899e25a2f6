import { callersDatabase } from '@/server/callers-database';
import { exportSkis, importSkis } from '@/features/skis/use-cases/skis-files';
import { answerRoute, readText } from '@/formats/wire';
import { keyOf, writing } from '@/server/write';
import { fileRoute } from '@/server/file-route';

const MOST_BYTES = 1_000_000;

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ format }) => exportSkis(callersDatabase(), format));

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const text = await readText(request, 'text/csv', MOST_BYTES);
    if (!text.ok) return text;
    return importSkis(callersDatabase(), text.value, writing(keyOf(request), 'skis.import'));
  });
