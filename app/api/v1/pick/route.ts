import { pickFromText } from '@/features/pick/use-cases/pick-wax';
import { jsonTextRoute } from '@/formats/wire';
import { callersDatabase } from '@/server/callers-database';

export const POST = jsonTextRoute(1_000_000, (text) => pickFromText(callersDatabase(), text));
