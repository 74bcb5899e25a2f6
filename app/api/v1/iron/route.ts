import { runIron } from '@/features/iron/use-cases/run-iron';
import { readJson, toResponse } from '@/formats/wire';

const MOST_BYTES = 100_000;

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, MOST_BYTES);
  return toResponse(body.ok ? runIron(body.value) : body);
}
