import { callersDatabase } from '@/server/callers-database';
import { outingCalendar } from '@/features/venue/use-cases/outing-calendar';
import { fileRoute } from '@/server/file-route';

interface CalendarContext {
  params: Promise<{ outingId: string }>;
}

export const GET = (request: Request, { params }: CalendarContext): Promise<Response> =>
  fileRoute(request, async () => outingCalendar(callersDatabase(), (await params).outingId));
