import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DomainError } from '../../errors';
import { randomSource } from '../../random';
import {
  outlook,
  outlookRun,
  weatherGaps,
  type ContactReading,
  type OutlookInput,
  type WeatherSample,
} from '.';
import { ageGrain, dryGrainRates, wetGrainRates } from '../metamorphism';
import { bandOf } from './bands';
import { ageGrainInto } from '../../kernel';
import { FLAT_SITE } from '../../../../tests/unit/fixtures';
import { effectiveNumber, systematicParents, weighByInnovation } from './particle-weights';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-16T09:00:00Z');
const site = { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 };

function weatherOf(hours: number, at: (hour: number) => Partial<WeatherSample>): WeatherSample[] {
  return Array.from({ length: hours + 1 }, (_, hour) => ({
    timeMs: START + hour * HOUR,
    airTemperatureC: -4,
    humidityFraction: 0.7,
    windMPerS: 1,
    cloudFraction: 0.1,
    ...at(hour),
  }));
}
const inputOf = (weather: WeatherSample[], more: Partial<OutlookInput> = {}): OutlookInput => ({
  site,
  surface: { kind: 'machine_made' },
  weather,
  members: 100,
  seed: 7,
  ...more,
});
const last = (values: number[]) => values.at(-1)!;
const width = (band: { p10: number[]; p90: number[] }, k: number) => band.p90[k]! - band.p10[k]!;

describe('an outlook', () => {
  it('gives the same figures for the same seed, others for another, and none that depend on chunks', () => {
    const input = inputOf(weatherOf(8, () => ({})));
    const whole = outlook(input);
    expect(outlook(input)).toEqual(whole);
    expect(outlook({ ...input, seed: 8 })).not.toEqual(whole);
    const run = outlookRun(input);
    while (!run.advance(7));
    expect(run.result()).toEqual(whole);
  });

  it('lets snow fall degrees below the air on a clear still evening, and closes its energy', () => {
    const result = outlook(inputOf(weatherOf(9, () => ({}))));
    expect(last(result.surfaceTemperatureC.p50)).toBeLessThan(-8);
    expect(last(result.contactTemperatureC.p50)).toBeLessThan(-6);
    expect(result.energyResidualRelative).toBeLessThan(1e-6);
    expect(result.effectiveMembers).toBeCloseTo(100, 6);
  });

  it('warms, wets and rounds the snow in thaw and sun, and never passes 0 °C', () => {
    const thaw = weatherOf(30, () => ({ airTemperatureC: 5, humidityFraction: 0.8, windMPerS: 3 }));
    const result = outlook(inputOf(thaw, { surface: { kind: 'settled' } }));
    expect(Math.max(...result.contactTemperatureC.p90)).toBeLessThanOrEqual(0);
    expect(Math.max(...result.liquidWaterPercent.p50)).toBeGreaterThan(1);
    expect(last(result.sharpness.p50)).toBeLessThan(result.sharpness.p50[0]!);
    expect(result.energyResidualRelative).toBeLessThan(1e-6);
  });

  it('has a new surface after snowfall, and a rounder one after grooming', () => {
    const snowing = weatherOf(12, (hour) => ({ precipitationMm: hour > 2 ? 1.5 : 0 }));
    const fallen = outlook(inputOf(snowing));
    expect(last(fallen.sharpness.p50)).toBeGreaterThan(0.8);
    expect(fallen.energyResidualRelative).toBeLessThan(1e-6);
    const events = [{ timeMs: START + 11.5 * HOUR, kind: 'groomed' as const, passes: 2 }];
    const groomed = outlook(inputOf(snowing, { events }));
    expect(last(groomed.sharpness.p50)).toBeLessThan(last(fallen.sharpness.p50) - 0.2);
  });

  it('uses radiation where it was measured', () => {
    const dark = weatherOf(6, () => ({ globalRadiationWPerM2: 0 }));
    const bright = weatherOf(6, () => ({ globalRadiationWPerM2: 500 }));
    const at = (weather: WeatherSample[]) => outlook(inputOf(weather)).contactTemperatureC.p50[12]!;
    expect(at(bright)).toBeGreaterThan(at(dark) + 1);
  });

  it.each([
    ['polar night', { ...site, latitude: 78 }],
    ['the southern hemisphere', { ...site, latitude: -44, longitude: 170 }],
    ['sea level', { ...site, altitudeM: 0 }],
    ['4,000 m', { ...site, altitudeM: 4000 }],
  ])('stands %s', (_, place) => {
    const result = outlook(
      inputOf(
        weatherOf(12, () => ({})),
        { site: place },
      ),
    );
    for (const value of result.surfaceTemperatureC.p10) {
      expect(value).toBeGreaterThan(-40);
      expect(value).toBeLessThanOrEqual(0);
    }
  });

  it('converges in step and layer', () => {
    const weather = weatherOf(12, (hour) => ({ airTemperatureC: -6 + hour / 3 }));
    const at = (timeStepS: number, layers: number) =>
      last(outlook(inputOf(weather, { timeStepS, layers })).contactTemperatureC.p50);
    const fine = at(60, 60);
    expect(Math.abs(at(300, 20) - fine)).toBeLessThan(0.3);
    expect(Math.abs(at(150, 40) - fine)).toBeLessThan(0.15);
  });
});

describe('readings', () => {
  const readingAt = (hour: number, temperatureC: number): ContactReading => ({
    timeMs: START + hour * HOUR,
    temperatureC,
    sdC: 0.4,
  });

  it('narrow the band and move the median toward them, over random weather', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -15, max: -3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.3, max: 5, noNaN: true }),
        fc.integer({ min: 1, max: 1000 }),
        fc.constantFrom(-1.2, 1.2),
        (airTemperatureC, cloudFraction, windMPerS, seed, off) => {
          const weather = weatherOf(8, () => ({ airTemperatureC, cloudFraction, windMPerS }));
          const base = inputOf(weather, { members: 300, seed });
          const before = outlook(base);
          const at = before.timesMs.indexOf(START + 6 * HOUR);
          const median = before.contactTemperatureC.p50[at]!;
          const reading = Math.min(-0.3, median + off);
          const after = outlook({ ...base, readings: [readingAt(6, reading)] });
          const moved = after.contactTemperatureC.p50[at]!;
          expect(Math.abs(moved - reading)).toBeLessThan(Math.abs(median - reading));
          expect(width(after.contactTemperatureC, at)).toBeLessThan(
            width(before.contactTemperatureC, at),
          );
          expect(after.effectiveMembers).toBeLessThan(before.effectiveMembers);
        },
      ),
      { numRuns: 25, seed: 11 },
    );
  }, 60_000);

  it('far from every member leave a finite outlook', () => {
    const weather = weatherOf(8, () => ({}));
    const result = outlook(inputOf(weather, { readings: [readingAt(6, -30), readingAt(7, -1)] }));
    expect(result.contactTemperatureC.p50.every(Number.isFinite)).toBe(true);
    expect(result.effectiveMembers).toBeGreaterThan(0.99);
  });
});

describe('weather', () => {
  it('bridges up to three missing hours and names them, refuses more, and disorder', () => {
    const whole = weatherOf(12, () => ({}));
    const without = (from: number, to: number) =>
      whole.filter((_, hour) => hour < from || hour > to);
    expect(weatherGaps(whole)).toEqual({ bridged: [], tooLong: [] });
    expect(weatherGaps(without(4, 6)).bridged).toEqual([
      { fromMs: START + 3 * HOUR, toMs: START + 7 * HOUR },
    ]);
    expect(outlook(inputOf(without(4, 6))).timesMs).toHaveLength(49);
    expect(() => outlook(inputOf(without(4, 7)))).toThrow(/weather_gap/);
    expect(() => weatherGaps([...whole].reverse())).toThrow(DomainError);
    expect(() => outlook(inputOf([whole[0]!]))).toThrow(/too_short/);
  });

  it('refuses what is not a number, instead of calling it snow at 0 °C', () => {
    for (const field of [
      'airTemperatureC',
      'humidityFraction',
      'windMPerS',
      'cloudFraction',
    ] as const) {
      const weather = weatherOf(6, (hour) => (hour === 3 ? { [field]: NaN } : {}));
      expect(() => outlook(inputOf(weather)), field).toThrow(DomainError);
    }
    for (const more of [{ albedo: NaN }, { startTemperatureC: NaN }]) {
      const input = inputOf(weatherOf(6, () => ({})));
      expect(() => outlook({ ...input, surface: { ...input.surface, ...more } })).toThrow(
        DomainError,
      );
    }
  });

  it('refuses too many members and readings outside its time', () => {
    const weather = weatherOf(4, () => ({}));
    expect(() => outlook(inputOf(weather, { members: 2001 }))).toThrow(DomainError);
    const late = { timeMs: START + 9 * HOUR, temperatureC: -4, sdC: 0.4 };
    expect(() => outlook(inputOf(weather, { readings: [late] }))).toThrow(/outside_weather/);
  });
});

describe('the parts of the ensemble', () => {
  it('age grains as the published rates do', () => {
    const cases = [
      { t: -10, gradient: 2, water: 0, rates: dryGrainRates(-10, 2) },
      { t: -6, gradient: 80, water: 0, rates: dryGrainRates(-6, 80) },
      { t: 0, gradient: 0, water: 2, rates: wetGrainRates(2) },
    ];
    for (const { t, gradient, water, rates } of cases) {
      const grains = {
        dendricity: Float64Array.of(0.7),
        sphericity: Float64Array.of(0.5),
        sizeMm: Float64Array.of(0.3),
      };
      ageGrainInto(grains, 0, t, gradient, water, 3600);
      const expected = ageGrain({ dendricity: 0.7, sphericity: 0.5 }, rates, 3600);
      expect(grains.dendricity[0]).toBeCloseTo(expected.dendricity, 12);
      expect(grains.sphericity[0]).toBeCloseTo(expected.sphericity, 12);
    }
  });

  it('weigh by likelihood and resample in proportion', () => {
    const weights = Float64Array.of(0.25, 0.25, 0.25, 0.25);
    weighByInnovation(weights, Float64Array.of(0, 1, 2, 3), 1);
    expect(weights[1]! / weights[0]!).toBeCloseTo(Math.exp(-0.5), 12);
    expect(effectiveNumber(weights)).toBeLessThan(4);
    const parents = systematicParents(Float64Array.of(0.5, 0, 0.5, 0), randomSource(1));
    expect([...parents]).toEqual([0, 0, 2, 2]);
  });

  it('take weighted percentiles between members', () => {
    const rows = Float32Array.from({ length: 101 }, (_, i) => i);
    const equal = new Float64Array(101).fill(1 / 101);
    const band = bandOf(rows, 101, equal);
    expect(band.p10[0]).toBeCloseTo(9.6, 3);
    expect(band.p50[0]).toBeCloseTo(50, 6);
    expect(band.p90[0]).toBeCloseTo(90.4, 3);
  });

  it('draw the same numbers from the same seed, with mean 0 and spread 1', () => {
    const a = randomSource(5);
    const b = randomSource(5);
    const drawn = Array.from({ length: 20_000 }, () => a.normal());
    expect(drawn.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => b.normal()));
    const mean = drawn.reduce((s, x) => s + x, 0) / drawn.length;
    const variance = drawn.reduce((s, x) => s + (x - mean) ** 2, 0) / drawn.length;
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(Math.abs(variance - 1)).toBeLessThan(0.04);
  });
});
