import { describe, expect, it } from 'vitest';
import { CALM_SNOW, plainWax } from '../../../tests/unit/fixtures';
import { casesFromReading, rank } from '.';

const own = { venueC: 0, handC: 0 };
const plain = plainWax(-12, -5, { id: 'plain', name: 'Plain', price: 12, containerG: 60 });
const costly = plainWax(-11.5, -5, { id: 'costly', name: 'Costly', price: 90, containerG: 30 });
const far = plainWax(-3, 0, { id: 'far', name: 'Far', price: 5, containerG: 60 });

const first = (purpose: 'race' | 'training', products = [costly, plain, far]) => {
  const outing = { discipline: 'skate', distanceKm: 10, purpose } as const;
  return rank({ cases: casesFromReading(CALM_SNOW), outing, own, products }).ranking;
};

describe('price and purpose', () => {
  it('keep a costly wax for races where a plain one loses hardly more, and say what that saves', () => {
    const race = first('race');
    const training = first('training');
    const [a, b] = [
      race.find(({ id }) => id === 'costly')!,
      race.find(({ id }) => id === 'plain')!,
    ];
    // Both serve; whichever loses less, the plain one is the wax of a training day.
    expect(Math.abs(a.expectedLossPercent - b.expectedLossPercent)).toBeLessThan(0.2);
    expect(training[0]!.id).toBe('plain');
    if (race[0]!.id === 'costly') {
      expect(training[0]!.reasons).toContainEqual(
        expect.objectContaining({ code: 'keeps_costlier', costlier: 'Costly' }),
      );
    }
  });

  it('never take a cheap wax that loses more, nor move what has no price', () => {
    expect(first('training')[0]!.id).not.toBe('far');
    const unpriced = [costly, plain].map(({ price: _, ...one }) => one);
    const order = (products: typeof unpriced) =>
      first('training', products as never).map((one) => one.id);
    expect(order(unpriced)).toEqual(first('race', unpriced as never).map((one) => one.id));
  });
});
