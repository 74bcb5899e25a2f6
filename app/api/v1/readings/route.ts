import { callersDatabase } from '@/server/callers-database';
import { exportReadings } from '@/features/snow/use-cases/export-readings';
import { importReadings } from '@/features/snow/use-cases/import-readings';
import { checkedId } from '@/formats/schemas/ids';
import { answerRoute, readText } from '@/formats/wire';
import { keyOf, writing } from '@/server/write';
import { fileRoute } from '@/server/file-route';

const MOST_BYTES = 5_000_000;

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, ({ outing, format }) => exportReadings(callersDatabase(), outing, format));

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    const outing = checkedId(new URL(request.url).searchParams.get('outing'), 'outing');
    if (!outing.ok) return outing;
    const text = await readText(request, 'text/csv', MOST_BYTES);
    if (!text.ok) return text;
    const write = writing(keyOf(request), 'readings.import');
    return importReadings(callersDatabase(), { outingId: outing.value, text: text.value, write });
  });
