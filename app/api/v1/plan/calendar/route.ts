import { callersDatabase } from '@/server/callers-database';
import { personCalendar } from '@/features/plan/use-cases/plan-files';
import { fileRoute } from '@/server/file-route';

export const GET = (request: Request): Promise<Response> =>
  fileRoute(request, () => {
    const person = new URL(request.url).searchParams.get('person') ?? '';
    return personCalendar(callersDatabase(), person);
  });
