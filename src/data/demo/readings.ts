import type { Reading } from '../readings';

const MINUTE_MS = 60_000;

type Sample = Omit<Reading, 'id' | 'createdAt' | 'takenAt' | 'source'> & { minutesAgo: number };

const loop = {
  outingId: 'demo-relay',
  origin: 'machine_made',
  grain: 'MM',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
} as const;

/** What the demo team measured before the app is first opened, minutes back from then. */
const SAMPLES: Sample[] = [
  {
    ...loop,
    minutesAgo: 150,
    temperatureC: -7.1,
    temperatureSdC: 0.6,
    airTemperatureC: -2.5,
    humidityFraction: 0.62,
    spot: 'Stadium',
  },
  {
    ...loop,
    minutesAgo: 95,
    temperatureC: -8.4,
    temperatureSdC: 0.7,
    airTemperatureC: -3.1,
    humidityFraction: 0.66,
    spot: 'North bend',
    note: 'Sky cleared at noon, snow falls faster than the air.',
  },
  {
    ...loop,
    minutesAgo: 35,
    temperatureC: -9.6,
    temperatureSdC: 0.7,
    airTemperatureC: -3.6,
    humidityFraction: 0.7,
    spot: 'Stadium, in the shade',
  },
  {
    outingId: 'demo-slalom',
    minutesAgo: 70,
    temperatureC: -6.2,
    temperatureSdC: 0.8,
    airTemperatureC: -2.0,
    humidityFraction: 0.6,
    origin: 'mixed',
    grain: 'RG',
    wetness: 'dry',
    dirt: 'clean',
    glazed: true,
    spot: 'Start hut',
  },
  {
    outingId: 'demo-tour',
    minutesAgo: 240,
    temperatureC: -11.5,
    temperatureSdC: 1.2,
    airTemperatureC: -8.0,
    humidityFraction: 0.82,
    origin: 'natural',
    grain: 'DF',
    wetness: 'dry',
    dirt: 'clean',
    glazed: false,
    spot: 'Pass height',
    note: 'Ten centimetres of two-day-old snow.',
  },
];

/** The demo readings as of a moment. */
export function demoReadings(now: Date): Reading[] {
  return SAMPLES.map(({ minutesAgo, ...sample }, i) => {
    const takenAt = new Date(now.getTime() - minutesAgo * MINUTE_MS).toISOString();
    return { ...sample, id: `demo-reading-${i + 1}`, source: 'probe', takenAt, createdAt: takenAt };
  });
}
