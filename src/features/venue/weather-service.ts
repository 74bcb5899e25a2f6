import { array, object } from 'yup';
import type { WeatherSample } from '@/core/snow/outlook';
import { moment } from '@/formats/schemas/fields';
import { weatherSampleSchema } from '@/formats/schemas/outlook';
import { validate } from '@/formats/schemas/validation';
import { failed, type WireResult } from '@/formats/wire';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.weatherService;

/** A forecast as a service gave it. */
export interface ServiceForecast {
  issuedAt: string;
  samples: WeatherSample[];
}

/** Where a weather service is asked; the shipped stand-in, or a real one of the same shape. */
export type WeatherTransport = (query: {
  latitude: number;
  longitude: number;
  altitudeM: number;
  signal: AbortSignal;
}) => Promise<Response>;

const TIMEOUT_MS = 3000;

const answerSchema = object({
  issued: moment('issued').required(),
  hours: array(weatherSampleSchema.required()).min(2).max(400).required(),
});

/** Asks a service for the hours to come: late, down or unreadable become sentences, never weather. */
export async function askService(
  transport: WeatherTransport,
  place: { latitude: number; longitude: number; altitudeM: number },
  timeoutMs = TIMEOUT_MS,
): Promise<WireResult<ServiceForecast>> {
  let answer: unknown;
  try {
    const response = await transport({ ...place, signal: AbortSignal.timeout(timeoutMs) });
    if (!response.ok) {
      return failed('service_down', WORDS.serviceDown(response.status));
    }
    answer = await response.json();
  } catch {
    return failed('service_late', WORDS.serviceLate);
  }
  const checked = validate(answerSchema, answer);
  if (!checked.ok) {
    return failed('service_unreadable', WORDS.theWeatherServiceAnsweredSomething);
  }
  const { issued, hours } = checked.value;
  return {
    ok: true,
    value: {
      issuedAt: new Date(issued).toISOString(),
      samples: hours.map(({ time, ...sample }) => ({ ...sample, timeMs: Date.parse(time) })),
    },
  };
}
