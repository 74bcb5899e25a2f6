import { glideFromText } from '@/features/test/use-cases/answer-glide';
import { jsonRoute } from '@/formats/wire';

export const POST = jsonRoute(100_000, glideFromText);
