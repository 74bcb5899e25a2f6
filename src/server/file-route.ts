import { toFileResponse, type OutFile } from '../formats/out-file';
import { checkedId } from '../formats/schemas/ids';
import { answered, type WireResult } from '../formats/wire';

/** What a request for a file names: an outing or all, and the format. */
export interface FileQuery {
  outing: string | null;
  format: string | null;
}

/** Answers with a file, or says why not. */
export async function fileRoute(
  request: Request,
  work: (query: FileQuery) => Promise<WireResult<OutFile>>,
): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const query = { outing: searchParams.get('outing'), format: searchParams.get('format') };
  return toFileResponse(
    await answered(async () => {
      const outing = query.outing === null ? undefined : checkedId(query.outing, 'outing');
      return outing && !outing.ok ? outing : work(query);
    }),
  );
}
