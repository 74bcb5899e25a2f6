import { database } from '@/data/database';
import { exportChoices } from '@/features/log/use-cases/export-choices';
import { toFileResponse } from '@/formats/wire';

export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  return toFileResponse(
    await exportChoices(database(), searchParams.get('outing'), searchParams.get('format')),
  );
}
