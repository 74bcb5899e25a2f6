import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../errors';
import {
  bandQuantiles,
  median,
  risingOrder,
  selectRank,
  valleyQuantile,
  weightedQuantile,
} from '.';

const numbers = fc.array(fc.integer({ min: -50, max: 50 }), {
  minLength: 1,
  maxLength: 60,
});
const byValue = (a: number, b: number) => a - b;

/** Weights that sum to 1, from any positive numbers. */
const shares = (raw: readonly number[]): Float64Array => {
  const total = raw.reduce((sum, one) => sum + one, 0);
  return Float64Array.from(raw, (one) => one / total);
};

describe('quickselect', () => {
  it('finds each rank as sorting would, whatever the order and the ties', () => {
    fc.assert(
      fc.property(numbers, fc.nat(), (values, at) => {
        const rank = at % values.length;
        const sorted = [...values].sort(byValue);
        expect(selectRank(Float64Array.from(values), rank)).toBe(sorted[rank]);
      }),
    );
    expect(selectRank(Float64Array.of(3, 3, 3, 1), 2)).toBe(3);
  });
});

describe('the weighted quantile', () => {
  const third = Float64Array.of(1 / 3, 1 / 3, 1 / 3);
  it('is the smallest value that has the fraction at or below it', () => {
    expect(weightedQuantile(Float64Array.of(2, 1, 3), third, 0.5)).toBe(2);
    expect(weightedQuantile(Float64Array.of(2, 1, 3), third, 1)).toBe(3);
    expect(weightedQuantile(Float64Array.of(2, 1, 3), third, 0)).toBe(1);
    expect(weightedQuantile(Float64Array.of(5, 1), Float64Array.of(0.95, 0.05), 0.5)).toBe(5);
  });

  it('agrees with adding up sorted weights, for any values and weights', () => {
    const weighted = numbers.chain((values) =>
      fc.record({
        values: fc.constant(values),
        raw: fc.array(fc.integer({ min: 1, max: 40 }), {
          minLength: values.length,
          maxLength: values.length,
        }),
        fraction: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
    );
    fc.assert(
      fc.property(weighted, ({ values, raw, fraction }) => {
        const weights = shares(raw);
        const order = [...values.keys()].sort((a, b) => values[a]! - values[b]!);
        let sum = 0;
        const at = order.find((i) => (sum += weights[i]!) >= fraction - 1e-12) ?? order.at(-1)!;
        const found = weightedQuantile(Float64Array.from(values), weights, fraction);
        expect(found).toBeCloseTo(values[at]!, 9);
      }),
    );
  });

  it('takes rounds of weights for the times of a window, and refuses a fraction over 1', () => {
    const twoTimes = Float64Array.of(1, 2, 3, 11, 12, 13);
    expect(weightedQuantile(twoTimes, third, 0.5)).toBe(3);
    expect(weightedQuantile(twoTimes, Float64Array.of(0.6, 0.2, 0.2), 0.9)).toBe(12);
    expect(() => weightedQuantile(twoTimes, third, 1.1)).toThrow(DomainError);
  });
});

describe('the quantile of a valley', () => {
  it('is that of the sorted values, wherever the bottom lies and however steep the sides are', () => {
    const valley = fc.record({
      at: fc.array(fc.integer({ min: -40, max: 40 }), { minLength: 1, maxLength: 60 }),
      raw: fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 60, maxLength: 60 }),
      bottom: fc.integer({ min: -45, max: 45 }),
      left: fc.double({ min: 0.1, max: 9, noNaN: true }),
      right: fc.double({ min: 0.1, max: 9, noNaN: true }),
      fraction: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(valley, ({ at, raw, bottom, left, right, fraction }) => {
        const places = Float64Array.from(at);
        const weights = shares(raw.slice(0, at.length));
        const order = risingOrder(places);
        const values = places.map((x) => (x < bottom ? left : right) * Math.abs(x - bottom));
        const found = valleyQuantile(values, { weights, order }, fraction);
        expect(found).toBe(weightedQuantile(values, weights, fraction));
      }),
    );
  });

  it('refuses a fraction over 1', () => {
    const one = Float64Array.of(1);
    const order = risingOrder(one);
    expect(() => valleyQuantile(one, { weights: one, order }, 1.1)).toThrow(DomainError);
  });
});

describe('percentiles of a band', () => {
  it('are symmetric about an even spread and ordered for any', () => {
    const even = Float64Array.from({ length: 101 }, (_, i) => i);
    const weights = shares(Array.from(even, () => 1));
    const order = Uint16Array.from(even);
    const [low, middle, high] = bandQuantiles(even, { weights, order, fractions: [0.1, 0.5, 0.9] });
    expect(middle).toBeCloseTo(50, 9);
    expect(low! + high!).toBeCloseTo(100, 9);
    fc.assert(
      fc.property(numbers, (values) => {
        const sorted = Uint16Array.from([...values.keys()].sort((a, b) => values[a]! - values[b]!));
        const band = bandQuantiles(values, {
          weights: shares(values.map(() => 1)),
          order: sorted,
          fractions: [0.1, 0.5, 0.9],
        });
        expect(band[0]! <= band[1]! && band[1]! <= band[2]!).toBe(true);
        expect(band[0]).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
        expect(band[2]).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
      }),
    );
  });
});

describe('the median', () => {
  it('is the middle one, or the mean of the two in the middle', () => {
    expect(median([9, 1, 5])).toBe(5);
    expect(median([9, 1, 5, 7])).toBe(6);
    expect(median([])).toBeNaN();
  });
});
