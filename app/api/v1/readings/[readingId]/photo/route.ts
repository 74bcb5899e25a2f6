import { randomUUID } from 'node:crypto';
import { database } from '@/data/database';
import { dropPhoto, keepPhoto, showPhoto } from '@/features/snow/use-cases/reading-photo';
import { readBytes, toResponse } from '@/formats/wire';

const MOST_BYTES = 12_000_000;

interface PhotoContext {
  params: Promise<{ readingId: string }>;
}

export async function POST(request: Request, { params }: PhotoContext): Promise<Response> {
  const body = await readBytes(request, MOST_BYTES);
  if (!body.ok) return toResponse(body);
  const stamp = { id: randomUUID(), at: new Date().toISOString() };
  return toResponse(await keepPhoto(database(), (await params).readingId, body.value, stamp));
}

export async function GET(_request: Request, { params }: PhotoContext): Promise<Response> {
  const photo = await showPhoto(database(), (await params).readingId);
  if (!photo.ok) return toResponse(photo);
  return new Response(photo.value, { headers: { 'content-type': 'image/jpeg' } });
}

export async function DELETE(_request: Request, { params }: PhotoContext): Promise<Response> {
  return toResponse(await dropPhoto(database(), (await params).readingId));
}
