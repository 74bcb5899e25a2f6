import { snowShare } from './precipitation';
import { describe, expect, it } from 'vitest';
import reference from '../../../tests/reference/grains.json';
import { DomainError } from '../errors';
import { DAY_TIMES, GRAINS, SKIES } from '../terms';
import {
  ageGrain,
  dryGrainRates,
  firstGuessOfSnowTemperature,
  freshSnowShape,
  grainShape,
  sharpness,
  sharpnessRange,
  wetGrainRates,
} from '.';

const dry = reference.cases.filter((one) => one.T_C !== undefined);
const wet = reference.cases.filter((one) => one.liquid_mass_percent !== undefined);

describe('grains', () => {
  it.each(dry)('dry snow at $T_C °C, $G_K_m K/m, $days days ages as computed elsewhere', (row) => {
    const aged = ageGrain(row.start, dryGrainRates(row.T_C, row.G_K_m), row.days * 86400);
    expect(aged.dendricity).toBeCloseTo(row.dendricity, 10);
    expect(aged.sphericity).toBeCloseTo(row.sphericity, 10);
    expect(sharpness(aged)).toBeCloseTo(row.sharpness, 10);
  });

  it.each(wet)(
    'wet snow at $liquid_mass_percent %, $hours h rounds as computed elsewhere',
    (row) => {
      const aged = ageGrain(row.start, wetGrainRates(row.liquid_mass_percent), row.hours * 3600);
      expect(aged.dendricity).toBeCloseTo(row.dendricity, 10);
      expect(aged.sphericity).toBeCloseTo(row.sphericity, 10);
    },
  );

  it.each(reference.fresh)('fresh snow at $wind m/s is as broken as published', (row) => {
    const shape = freshSnowShape(row.wind);
    expect(shape.dendricity).toBeCloseTo(row.dendricity, 10);
    expect(shape.sphericity).toBeCloseTo(row.sphericity, 10);
  });

  it('gives new snow full sharpness, rounded none, and each class a sharpness within its own range', () => {
    expect(sharpness({ dendricity: 1, sphericity: 0.5 })).toBe(1);
    expect(sharpness({ dendricity: 0, sphericity: 1 })).toBe(0);
    for (const grain of GRAINS) {
      const [low, high] = sharpnessRange(grain);
      const own = sharpness(grainShape(grain));
      expect(own).toBeGreaterThanOrEqual(low);
      expect(own).toBeLessThanOrEqual(high);
    }
  });

  it('refuses a shape outside 0…1, negative time and a negative gradient', () => {
    expect(() => sharpness({ dendricity: 1.1, sphericity: 0 })).toThrow(DomainError);
    expect(() => ageGrain(grainShape('PP'), wetGrainRates(1), -1)).toThrow(DomainError);
    expect(() => dryGrainRates(-5, -1)).toThrow(DomainError);
    expect(() => freshSnowShape(NaN)).toThrow(DomainError);
  });
});

describe('a guess without a probe', () => {
  it('never claims snow above 0 °C nor a spread under 2 °C', () => {
    for (const sky of SKIES)
      for (const dayTime of DAY_TIMES)
        for (const air of [-30, -3, 0, 9]) {
          const guess = firstGuessOfSnowTemperature(air, sky, dayTime);
          expect(guess.temperatureC).toBeLessThanOrEqual(0);
          expect(guess.temperatureSdC).toBeGreaterThanOrEqual(2);
          expect(guess.reason.isHeldAtZero).toBe(guess.temperatureC === 0);
        }
  });

  it('puts snow under a clear dusk sky 6 °C below the air, and under cloud near it', () => {
    expect(firstGuessOfSnowTemperature(-3, 'clear', 'dusk').temperatureC).toBe(-9.5);
    expect(firstGuessOfSnowTemperature(-3, 'overcast', 'dusk').temperatureC).toBe(-4.5);
  });
});

describe('rain or snow', () => {
  const share = (airTemperatureC: number, humidityFraction = 1) =>
    snowShare({ airTemperatureC, humidityFraction, pressureHPa: 950 });

  it('is half and half at 0.8 °C of the wet bulb', () => {
    // In saturated air the wet bulb is the air.
    expect(share(0.814)).toBeCloseTo(0.5, 2);
    expect(share(-3)).toBeGreaterThan(0.99);
    expect(share(4)).toBeLessThan(0.01);
  });

  it('changes by little in a hundredth of a degree, and never towards snow as it warms', () => {
    for (let air = -2; air < 5; air += 0.01) {
      const step = share(air) - share(air + 0.01);
      expect(step).toBeGreaterThanOrEqual(0);
      expect(step).toBeLessThan(0.01);
    }
  });

  it('is snow in dry air well above 0 °C', () => {
    expect(share(3, 0.4)).toBeGreaterThan(0.9);
    expect(share(3, 0.95)).toBeLessThan(0.1);
  });
});
