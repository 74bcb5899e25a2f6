import { randomSource } from '@/core/random';
import { outlook, type OutlookInput, type WeatherSample } from '@/core/snow/outlook';
import { FLAT_SITE } from './fixtures';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-16T15:00:00Z');
const SITE_K = 0.8;
const PROBE_K = 0.4;

const inputOf = (weather: WeatherSample[], more: Partial<OutlookInput> = {}): OutlookInput => ({
  site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
  surface: { kind: 'groomed' },
  weather,
  ...more,
});

/** Readings of one outlook: how many, and at which other spot; absent: at the place that is looked at. */
export interface Readings {
  count: number;
  elsewhere?: string;
}

/** Share of hours after the readings in which the truth, a member of another seed, lies in the 80 % band. */
export function coverage({ count, elsewhere }: Readings, trials: number): number {
  let held = 0;
  let asked = 0;
  const random = randomSource(2027);
  for (let trial = 0; trial < trials; trial += 1) {
    const weather = Array.from({ length: 12 }, (_, hour) => ({
      timeMs: START + hour * HOUR,
      airTemperatureC: -9 + 4 * Math.sin(trial) - hour / 5,
      humidityFraction: 0.7,
      windMPerS: 0.5 + (trial % 4),
      cloudFraction: (trial % 5) / 5,
    }));
    const truth = outlook(inputOf(weather, { members: 1, seed: 50_000 + trial }));
    const truthAt = (ms: number) => truth.contactTemperatureC.p50[truth.timesMs.indexOf(ms)]!;
    // All readings of another spot share what that spot has otherwise than this one.
    const siteK = elsewhere ? SITE_K * Math.SQRT2 * random.normal() : 0;
    const readings = Array.from({ length: count }, (_, k) => {
      const timeMs = START + 4 * HOUR + k * 900_000;
      const seenC = truthAt(timeMs) + siteK + PROBE_K * random.normal();
      return { timeMs, temperatureC: Math.min(0, seenC), sdC: PROBE_K, elsewhere };
    });
    const made = outlook(inputOf(weather, { members: 200, seed: trial + 1, readings }));
    for (const hour of [7, 8, 9, 10]) {
      const row = made.timesMs.indexOf(START + hour * HOUR);
      const seen = truthAt(START + hour * HOUR);
      const { p10, p90 } = made.contactTemperatureC;
      asked += 1;
      if (seen >= p10[row]! && seen <= p90[row]!) held += 1;
    }
  }
  return held / asked;
}
