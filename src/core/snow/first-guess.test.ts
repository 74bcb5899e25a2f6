import { expect, it } from 'vitest';
import { FLAT_SITE } from '../../../tests/unit/fixtures';
import { DAY_TIMES, SKIES, type DayTime, type Sky } from '../terms';
import { SNOW } from './figures';
import { firstGuessOfSnowTemperature } from './first-guess';
import { outlook, type WeatherSample } from './outlook';

const HOUR = 3_600_000;
/** Midnight of the clock: the place stands on the meridian of its zone. */
const START = Date.parse('2027-01-15T00:00:00Z');
const CLOCK: Record<DayTime, number> = { night: 26, dawn: 31, midday: 36.5, dusk: 41 };
const SKY: Record<Sky, { cloudFraction: number; swingK: number }> = {
  clear: { cloudFraction: 0.05, swingK: 4 },
  partly_cloudy: { cloudFraction: 0.5, swingK: 3 },
  overcast: { cloudFraction: 0.95, swingK: 1 },
};
const WINDS = [0.7, 1.5, 3];
const SURFACES = ['settled', 'groomed', 'machine_made'] as const;

/** How far the contact temperature of the model lies from the air, K, over winds and surfaces: mean and spread. */
function modelled(sky: Sky): Record<DayTime, { meanK: number; sdK: number }> {
  const { cloudFraction, swingK } = SKY[sky];
  const weather = (windMPerS: number): WeatherSample[] =>
    Array.from({ length: 43 }, (_, hour) => ({
      timeMs: START + hour * HOUR,
      airTemperatureC: -9 + swingK * Math.cos(((hour - 14) / 12) * Math.PI),
      humidityFraction: 0.75,
      windMPerS,
      cloudFraction,
      leadH: 0,
    }));
  const off = { night: [], dawn: [], midday: [], dusk: [] } as Record<DayTime, number[]>;
  for (const wind of WINDS) {
    const hours = weather(wind);
    for (const kind of SURFACES) {
      const made = outlook({
        site: { ...FLAT_SITE, longitude: 0 },
        surface: { kind },
        weather: hours,
        members: 60,
        seed: 7,
        memberTimesMs: DAY_TIMES.map((one) => START + CLOCK[one] * HOUR),
      });
      DAY_TIMES.forEach((one, k) => {
        const air = -9 + swingK * Math.cos(((CLOCK[one] - 14) / 12) * Math.PI);
        for (const t of made.members![k]!.temperatureC) off[one].push(t - air);
      });
    }
  }
  return Object.fromEntries(
    DAY_TIMES.map((one) => {
      const all = off[one];
      const meanK = all.reduce((sum, x) => sum + x, 0) / all.length;
      const variance = all.reduce((sum, x) => sum + (x - meanK) ** 2, 0) / all.length;
      return [one, { meanK, sdK: Math.sqrt(variance) }];
    }),
  ) as Record<DayTime, { meanK: number; sdK: number }>;
}

it.each(SKIES)('the table of guesses says what the model says: %s', (sky) => {
  const made = modelled(sky);
  for (const dayTime of DAY_TIMES) {
    const [meanK, sdK] = SNOW.guess[dayTime][sky];
    expect(Math.abs(made[dayTime].meanK - meanK)).toBeLessThan(0.3);
    expect(sdK).toBeGreaterThan(made[dayTime].sdK);
    expect(sdK - made[dayTime].sdK).toBeLessThan(0.8);
  }
});

it('is never above 0 °C, and says when 0 °C held it', () => {
  const warm = firstGuessOfSnowTemperature(6, 'overcast', 'midday');
  expect(warm).toMatchObject({ temperatureC: 0, reason: { isHeldAtZero: true } });
});
