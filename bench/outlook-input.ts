import type { OutlookInput } from '../src/core/snow/outlook';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-15T17:00:00Z');

/** A day of weather about a mean temperature, °C, over machine-made snow: 400 members, 20 layers, 5 min steps. */
export const outlookInput = (meanC: number): OutlookInput => ({
  site: {
    latitude: 46.6,
    longitude: 10.2,
    altitudeM: 700,
    slopeDeg: 5,
    aspectDeg: 0,
    shadeFraction: 0.2,
  },
  surface: { kind: 'machine_made' },
  weather: Array.from({ length: 25 }, (_, h) => ({
    timeMs: START + h * HOUR,
    airTemperatureC: meanC + 4 * Math.sin((2 * Math.PI * h) / 24),
    humidityFraction: 0.7,
    windMPerS: 2,
    cloudFraction: 0.3,
  })),
  members: 400,
  layers: 20,
});
