import { describe, expect, it } from 'vitest';
import { HOUR_MS } from '../units/constants';
import { outlook } from './outlook';
import { weatherFromSimple, type SimpleForecast } from './simple-forecast';
import { FLAT_SITE } from '../../../tests/unit/fixtures';

const midnightMs = Date.parse('2027-01-16T00:00:00+01:00');
const FORECAST: SimpleForecast = {
  day: { lowC: -8, highC: -1, sky: 'clear' },
  night: { lowC: -12, highC: -4, sky: 'overcast' },
  wind: 'light',
  chance: 'none',
  amount: 'light',
};
const hours = (change: Partial<SimpleForecast> = {}, dayFirst = true) =>
  weatherFromSimple({ ...FORECAST, ...change }, { midnightMs, dayFirst });
const airs = (samples: ReturnType<typeof hours>) => samples.map((one) => one.airTemperatureC);

describe('a forecast in two lines', () => {
  it('is hourly weather from its low to its high and on to the other low', () => {
    const made = hours();
    expect(made).toHaveLength(25);
    expect(made[0]!.timeMs).toBe(midnightMs + 6 * HOUR_MS);
    expect(made.every((one, i) => i === 0 || one.timeMs - made[i - 1]!.timeMs === HOUR_MS)).toBe(
      true,
    );
    expect(made[0]!.airTemperatureC).toBeCloseTo(-8, 9);
    expect(made[8]!.airTemperatureC).toBeCloseTo(-1, 9);
    expect(made.at(-1)!.airTemperatureC).toBeCloseTo(-12, 9);
    expect(Math.max(...airs(made))).toBeLessThanOrEqual(-1);
    expect(Math.min(...airs(made))).toBeGreaterThanOrEqual(-12);
  });

  it('begins the evening before where the night comes first', () => {
    const made = hours({}, false);
    expect(made[0]).toMatchObject({ timeMs: midnightMs - 6 * HOUR_MS, airTemperatureC: -4 });
    expect(made[12]!.airTemperatureC).toBeCloseTo(-12, 9);
    expect(made[20]!.airTemperatureC).toBeCloseTo(-1, 9);
    expect(made.at(-1)!.timeMs).toBe(midnightMs + 18 * HOUR_MS);
  });

  it('has the sky of the day by day and of the night by night', () => {
    const made = hours();
    expect(made[0]!.cloudFraction).toBeLessThan(0.1);
    expect(made[12]!.cloudFraction).toBeGreaterThan(0.9);
  });

  it('is driest at its warmest, and near saturation at its coldest', () => {
    const made = hours();
    const humidity = made.map((one) => one.humidityFraction);
    expect(humidity[8]).toBe(Math.min(...humidity));
    expect(humidity.at(-1)).toBeCloseTo(0.9, 6);
    const wet = hours({ chance: 'certain', amount: 'heavy' });
    expect(Math.min(...wet.map((one) => one.humidityFraction))).toBeGreaterThan(0.9);
  });

  it('lets the more fall the likelier and the heavier it is', () => {
    const sum = (change: Partial<SimpleForecast>) =>
      hours(change).reduce((total, one) => total + one.precipitationMm!, 0);
    expect(sum({})).toBe(0);
    const few = sum({ chance: 'possible', amount: 'light' });
    expect(few).toBeGreaterThan(0);
    expect(sum({ chance: 'likely', amount: 'light' })).toBeGreaterThan(few);
    expect(sum({ chance: 'likely', amount: 'heavy' })).toBeGreaterThan(
      sum({ chance: 'likely', amount: 'steady' }),
    );
  });

  it('refuses a low above its high', () => {
    expect(() => hours({ day: { lowC: 2, highC: -1, sky: 'clear' } })).toThrow(/low_above_high/);
  });

  it('gives an outlook with a wider spread than the same hours of a forecast just made', () => {
    const weather = hours();
    const spread = (olderH: number) => {
      const made = outlook({
        site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
        surface: { kind: 'groomed' },
        weather: weather.map((one, i) => ({ ...one, leadH: i + olderH })),
        members: 200,
        seed: 1,
      });
      const { p10, p90 } = made.contactTemperatureC;
      return p90.at(-1)! - p10.at(-1)!;
    };
    expect(spread(24)).toBeGreaterThan(1.1 * spread(0));
  });
});
