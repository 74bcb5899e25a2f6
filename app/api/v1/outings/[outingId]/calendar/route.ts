import { database } from '@/data/database';
import { outingCalendar } from '@/features/venue/use-cases/outing-calendar';
import { toFileResponse } from '@/formats/wire';

interface CalendarContext {
  params: Promise<{ outingId: string }>;
}

export async function GET(_request: Request, { params }: CalendarContext): Promise<Response> {
  return toFileResponse(await outingCalendar(database(), (await params).outingId));
}
