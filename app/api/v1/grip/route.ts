import { database } from '@/data/database';
import { adviseGrip } from '@/features/grip/use-cases/advise-grip';
import { readJson, toResponse } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, MOST_BYTES);
  return toResponse(body.ok ? await adviseGrip(database(), body.value) : body);
}
