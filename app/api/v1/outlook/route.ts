import { forecastFromText } from '@/features/snow/use-cases/forecast-snow';
import { jsonRoute } from '@/formats/wire';

export const POST = jsonRoute(1_000_000, forecastFromText);
