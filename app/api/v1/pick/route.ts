import { database } from '@/data/database';
import { pickWax } from '@/features/pick/use-cases/pick-wax';
import { readJson, toResponse } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, MOST_BYTES);
  return toResponse(body.ok ? await pickWax(database(), body.value) : body);
}
