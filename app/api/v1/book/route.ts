import { callersDatabase } from '@/server/callers-database';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { copyNow } from '@/features/settings/use-cases/copies';
import { importBook, previewBook } from '@/features/settings/use-cases/import-book';
import { MOST_JSON } from '@/formats/book/read';
import { toFileResponse } from '@/formats/out-file';
import { answered, answerRoute, invalidInput, readTyped } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { keyOf, writing } from '@/server/write';
import { withProgress } from '@/server/progress';
import { writeRefusal } from '@/server/permission';
import { settingsScreenWords } from '@/words/screens/settings';

const MOST_ZIP = 200_000_000;
const ZIP = ['application/zip', 'application/x-zip-compressed'];
const JSON_TYPE = 'application/json';

export const GET = async (request: Request): Promise<Response> =>
  toFileResponse(
    await answered(async () => exportBook(new URL(request.url).searchParams.get('format'))),
  );

export const POST = (request: Request): Promise<Response> =>
  answerRoute(async () => {
    // Before anything is read or copied.
    const refused = writeRefusal();
    if (refused) return refused;
    const { searchParams } = new URL(request.url);
    const what = searchParams.get('do');
    if (what !== 'preview' && what !== 'import') {
      const { doMustBe } = settingsScreenWords.exchange;
      return invalidInput([{ field: 'do', message: doMustBe }]);
    }
    const isJson = request.headers.get('content-type')?.startsWith(JSON_TYPE);
    const most = isJson ? MOST_JSON : MOST_ZIP;
    const bytes = await readTyped(request, [JSON_TYPE, ...ZIP], most);
    if (!bytes.ok) return bytes;
    const chosen = searchParams.getAll('theirs');
    const theirs = chosen.includes('all') ? ('all' as const) : new Set(chosen);
    const key = keyOf(request);
    return withProgress(key, (onShare) =>
      what === 'preview'
        ? previewBook(callersDatabase(), bytes.value, onShare)
        : importBook(bytes.value, {
            theirs,
            copy: () => copyNow(nowMs(), 'before'),
            write: writing(key, 'book.import'),
            onShare,
          }),
    );
  });
