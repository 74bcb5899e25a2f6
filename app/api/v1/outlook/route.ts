import { forecastSnow } from '@/features/snow/use-cases/forecast-snow';
import { readJson, toResponse } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, MOST_BYTES);
  return toResponse(body.ok ? await forecastSnow(body.value) : body);
}
