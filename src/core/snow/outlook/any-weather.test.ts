import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyOutlook } from '../../../../tests/unit/any-outlook';
import { FLAT_SITE } from '../../../../tests/unit/fixtures';
import { outlook } from '.';

const START = Date.parse('2027-01-16T09:00:00Z');
const HOUR = 3_600_000;

const BANDS = [
  ['surfaceTemperatureC', -80, 0],
  ['contactTemperatureC', -80, 0],
  ['liquidWaterPercent', 0, 95],
  ['sharpness', 0, 1],
  ['dendricity', 0, 1],
  ['sphericity', 0, 1],
  ['hoarKgPerM2', 0, 20],
  ['grainSizeMm', 0.01, 20],
  ['hoursSinceWet', 0, 1e4],
] as const;

describe('in any weather, with any readings', () => {
  it('an outlook has a figure everywhere, in order, within what snow can be, and its energy closes', () => {
    fc.assert(
      fc.property(anyOutlook, (input) => {
        const result = outlook(input);
        expect(result.energyResidualRelative).toBeLessThan(1e-9);
        for (const [name, least, most] of BANDS) {
          const { p10, p50, p90 } = result[name];
          const all = [...p10, ...p50, ...p90];
          expect(all.every(Number.isFinite), name).toBe(true);
          expect(Math.min(...all), name).toBeGreaterThanOrEqual(least - 1e-6);
          expect(Math.max(...all), name).toBeLessThanOrEqual(most + 1e-6);
          const isInOrder = p50.every((x, k) => p10[k]! <= x && x <= p90[k]!);
          expect(isInOrder, name).toBe(true);
        }
        for (const share of result.crustFraction) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1 + 1e-9);
        }
        expect(result.effectiveMembers).toBeGreaterThanOrEqual(1 - 1e-9);
        expect(result.effectiveMembers).toBeLessThanOrEqual(input.members! + 1e-6);
      }),
      { numRuns: 600 },
    );
  });

  it('a reading at the last moment of the weather counts, whatever the step', () => {
    fc.assert(
      fc.property(anyOutlook, (input) => {
        const timeMs = input.weather.at(-1)!.timeMs;
        const last = { timeMs, temperatureC: -3, sdC: 0.3 };
        const [read, unread] = [[last], []].map((readings) => outlook({ ...input, readings }));
        expect(read).not.toEqual(unread);
      }),
      { numRuns: 60 },
    );
  });

  it('a cloudburst fills the pores of new snow, and no more', () => {
    const hour = { humidityFraction: 0, windMPerS: 0, cloudFraction: 0 };
    const weather = [
      { ...hour, timeMs: START, airTemperatureC: 0 },
      { ...hour, timeMs: START + HOUR, airTemperatureC: 12, precipitationMm: 200 },
    ];
    const surface = { kind: 'new' } as const;
    const { liquidWaterPercent } = outlook({ site: FLAT_SITE, surface, weather, members: 40 });
    // Of ice with 917 kg/m³; what falls has 120.
    const pores = 100 * (1 - 120 / 917);
    const most = Math.max(...liquidWaterPercent.p90);
    expect(most).toBeGreaterThan(pores - 1);
    expect(most).toBeLessThanOrEqual(pores + 1e-4);
  });

  it('contradictory snowballs leave a band that is wide, not none', () => {
    const weather = Array.from({ length: 7 }, (_, hour) => ({
      timeMs: START + hour * HOUR,
      airTemperatureC: -8,
      humidityFraction: 0.6,
      windMPerS: 1,
      cloudFraction: 0.2,
    }));
    const readings = Array.from({ length: 12 }, (_, k) => ({
      timeMs: START + (k + 1) * 0.5 * HOUR,
      temperatureC: k % 2 ? -20 : 0,
      sdC: 0.2,
      wetness: k % 2 ? ('dry' as const) : ('soaked' as const),
      elsewhere: k % 3 ? undefined : 'x',
    }));
    const { contactTemperatureC, liquidWaterPercent, surpriseK } = outlook({
      site: FLAT_SITE,
      surface: { kind: 'new', densityKgPerM3: 60 },
      weather,
      readings,
      members: 60,
      seed: 3,
    });
    const last = contactTemperatureC.p50.length - 1;
    expect(Number.isFinite(contactTemperatureC.p50[last])).toBe(true);
    expect(contactTemperatureC.p10[last]!).toBeLessThan(contactTemperatureC.p90[last]!);
    expect(liquidWaterPercent.p90[last]!).toBeLessThanOrEqual(95);
    expect(Math.abs(surpriseK!)).toBeGreaterThan(5);
  });
});
