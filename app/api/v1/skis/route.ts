import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { exportSkis, importSkis } from '@/features/skis/use-cases/skis-files';
import { readText, toFileResponse, toResponse } from '@/formats/wire';

const MOST_BYTES = 1_000_000;

export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  return toFileResponse(await exportSkis(database(), searchParams.get('format')));
}

export async function POST(request: Request): Promise<Response> {
  const body = await readText(request, MOST_BYTES);
  if (!body.ok) return toResponse(body);
  const done = await importSkis(database(), body.value, randomUUID);
  if (done.ok) revalidatePath('/outing', 'layout');
  return toResponse(done);
}
