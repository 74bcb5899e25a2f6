import { randomUUID } from 'node:crypto';
import { database } from '@/data/database';
import { keepSkiPhoto } from '@/features/skis/use-cases/ski-photos';
import { readBytes, toResponse } from '@/formats/wire';

const MOST_BYTES = 12_000_000;

export async function POST(
  request: Request,
  { params }: { params: Promise<{ skiId: string }> },
): Promise<Response> {
  const body = await readBytes(request, MOST_BYTES);
  if (!body.ok) return toResponse(body);
  const stamp = { id: randomUUID(), at: new Date().toISOString() };
  return toResponse(await keepSkiPhoto(database(), (await params).skiId, body.value, stamp));
}
