import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GRAINS, ORIGINS, WETNESSES } from '../terms';
import { daysLike, likeness, type ComparedDay } from '.';

const day: ComparedDay = {
  equivalentC: -8,
  snow: { humidityFraction: 0.6, wetness: 'dry', grain: 'DF', origin: 'natural' },
};
const anyDay = fc.record({
  equivalentC: fc.double({ min: -25, max: 6, noNaN: true }),
  snow: fc.record({
    humidityFraction: fc.double({ min: 0, max: 1, noNaN: true }),
    wetness: fc.constantFrom(...WETNESSES),
    grain: fc.option(fc.constantFrom(...GRAINS), { nil: undefined }),
    origin: fc.constantFrom(...ORIGINS),
  }),
});

describe('days like this one', () => {
  it('differ from themselves by nothing, and by the same both ways', () => {
    fc.assert(
      fc.property(anyDay, anyDay, (a, b) => {
        expect(likeness(a, a)).toMatchObject({ distance: 0, kind: 'like' });
        expect(likeness(a, b)).toEqual(likeness(b, a));
      }),
    );
  });

  it('are told apart by each part in its own scale', () => {
    expect(likeness(day, { ...day, equivalentC: -10 }).parts.equivalent).toBe(1);
    const moist = { ...day, snow: { ...day.snow, humidityFraction: 0.8 } };
    expect(likeness(day, moist).parts.humidity).toBeCloseTo(1, 10);
    const wet = { ...day, snow: { ...day.snow, wetness: 'wet' as const } };
    expect(likeness(day, wet).parts.wetness).toBe(WETNESSES.indexOf('wet'));
    const old = { ...day, snow: { ...day.snow, grain: 'RG' as const } };
    expect(likeness(day, old)).toMatchObject({ distance: 1, kind: 'like' });
    const unseen = { ...day, snow: { ...day.snow, grain: undefined } };
    expect(likeness(day, unseen).distance).toBe(0);
    const both = { ...old, equivalentC: -10 };
    expect(likeness(day, both).distance).toBeCloseTo(Math.SQRT2, 10);
    expect(likeness(day, both).kind).toBe('near');
  });

  it('come nearest first, without those of another kind', () => {
    const past = [-14, -9, -7.8, -10.5].map((equivalentC) => ({ ...day, equivalentC }));
    expect(daysLike(day, past).map(({ day: { equivalentC } }) => equivalentC)).toEqual([
      -7.8, -9, -10.5,
    ]);
  });
});
