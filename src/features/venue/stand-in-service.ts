import { clearSkyGlobal, sunPosition } from '@/core/sun';
import type { WeatherTransport } from './weather-service';

export const SERVICE_MOODS = ['well', 'late', 'stale', 'down'] as const;
export type ServiceMood = (typeof SERVICE_MOODS)[number];

const HOUR_MS = 3_600_000;
const HOURS = 72;
const STALE_MS = 14 * HOUR_MS;
const LATE_MS = 5000;
const LAPSE_K_PER_M = 0.0065;

const pause = (ms: number, signal: AbortSignal) =>
  new Promise<void>((resolve, reject) => {
    const timer = setTimeout(resolve, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      reject(new Error('aborted'));
    });
  });

/** Made-up hours that follow the sun: a winter high over any place, with one cloudy spell. */
function madeUpHours(
  latitude: number,
  { longitude, altitudeM, fromMs }: { longitude: number; altitudeM: number; fromMs: number },
) {
  const first = Math.floor(fromMs / HOUR_MS) * HOUR_MS - 12 * HOUR_MS;
  return Array.from({ length: HOURS }, (_, n) => {
    const timeMs = first + n * HOUR_MS;
    const lag = sunPosition(timeMs - 2 * HOUR_MS, latitude, longitude).altitudeDeg;
    const cloud = 0.15 + 0.6 * Math.max(0, Math.sin((2 * Math.PI * n) / HOURS - 2)) ** 2;
    const air = 1 - altitudeM * LAPSE_K_PER_M - 4 + 0.011 * clearSkyGlobal(lag) + 2 * cloud;
    return {
      time: new Date(timeMs).toISOString(),
      airTemperatureC: Number(air.toFixed(1)),
      humidityFraction: 0.7,
      windMPerS: 1.5,
      cloudFraction: Number(cloud.toFixed(2)),
      precipitationMm: 0,
    };
  });
}

/** The stand-in weather service that ships with the app: well, late, stale or down, as one likes to see. */
export function standInTransport(mood: ServiceMood, nowMs: number): WeatherTransport {
  return async ({ latitude, longitude, altitudeM, signal }) => {
    if (mood === 'down') return new Response('out of order', { status: 503 });
    if (mood === 'late') await pause(LATE_MS, signal);
    const issuedMs = mood === 'stale' ? nowMs - STALE_MS : nowMs;
    return Response.json({
      issued: new Date(issuedMs).toISOString(),
      hours: madeUpHours(latitude, { longitude, altitudeM, fromMs: issuedMs }),
    });
  };
}
