import { gripFromText } from '@/features/grip/use-cases/advise-grip';
import { jsonRoute } from '@/formats/wire';
import { callersDatabase } from '@/server/callers-database';

export const POST = jsonRoute(1_000_000, (text) => gripFromText(callersDatabase(), text));
