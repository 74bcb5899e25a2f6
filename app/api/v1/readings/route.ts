import { randomUUID } from 'node:crypto';
import { database } from '@/data/database';
import { exportReadings } from '@/features/snow/use-cases/export-readings';
import { importReadings } from '@/features/snow/use-cases/import-readings';
import { readText, toFileResponse, toResponse } from '@/formats/wire';

const MOST_BYTES = 5_000_000;

export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  return toFileResponse(
    await exportReadings(database(), searchParams.get('outing'), searchParams.get('format')),
  );
}

export async function POST(request: Request): Promise<Response> {
  const body = await readText(request, MOST_BYTES);
  if (!body.ok) return toResponse(body);
  const outingId = new URL(request.url).searchParams.get('outing') ?? '';
  const stamp = { newId: randomUUID, at: new Date().toISOString() };
  return toResponse(await importReadings(database(), outingId, body.value, stamp));
}
