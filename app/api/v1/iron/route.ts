import { ironFromText } from '@/features/iron/use-cases/run-iron';
import { jsonRoute } from '@/formats/wire';

export const POST = jsonRoute(100_000, ironFromText);
