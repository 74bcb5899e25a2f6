import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CALM_SNOW } from '../../../tests/unit/fixtures';
import type { GlideProduct } from '../wax';
import { casesFromReading, demandsOf } from '.';
import { courseLosses, expectedLoss } from './losses';
import { rankOverCases } from './ranking';

const own = { venueC: 0, handC: 0 };
const outing = {
  discipline: 'skate',
  purpose: 'race',
  distanceKm: 10,
  fluorocarbonsAllowed: false,
} as const;
const TIE_PERCENT = 1e-9;

/** Few labels, so that many a product shares one; some are not allowed. */
const someShelf = fc
  .array(
    fc.record({
      labelLowC: fc.integer({ min: -14, max: -10 }),
      spanK: fc.integer({ min: 3, max: 5 }),
      additives: fc.constantFrom<GlideProduct['additives']>(
        [],
        ['graphite'],
        ['graphite', 'water_repellent'],
        ['water_repellent', 'graphite'],
        ['fluorocarbon'],
      ),
      form: fc.constantFrom<GlideProduct['form']>('block', 'powder', 'liquid'),
    }),
    { minLength: 1, maxLength: 24 },
  )
  .map((all) =>
    all.map(({ labelLowC, spanK, additives, form }, i): GlideProduct => ({
      id: `p${i}`,
      name: `Wax ${i}`,
      labelLowC,
      labelHighC: labelLowC + spanK,
      additives,
      form,
    })),
  );

describe('a ranking', () => {
  const cases = casesFromReading({ ...CALM_SNOW, temperatureC: -9, temperatureSdC: 1.5 });
  const demands = demandsOf(cases, { outing, own });
  const { memberWeights: weights } = cases;
  const seconds = (lossPercent: number) => 3 * lossPercent;
  const ground = { cases, demands, outing, needed: [], seconds, likelyEquivalentC: -9 };

  it('gives each product what it has alone, and shares the odds among all that are best', () => {
    fc.assert(
      fc.property(someShelf, (products) => {
        const { ranking, perfectPercent } = rankOverCases(ground, products);
        const lossesOf = new Map(
          products.map((one) => [one.id, courseLosses(cases, demands, one)]),
        );
        const allowed = ranking.filter(({ excluded }) => !excluded);
        expect(allowed.map(({ id }) => id).sort()).toEqual(
          products
            .filter(({ additives }) => !additives.includes('fluorocarbon'))
            .map(({ id }) => id)
            .sort(),
        );
        const least = weights.map((_, m) =>
          Math.min(...allowed.map(({ id }) => lossesOf.get(id)![m]!)),
        );
        const isBest = (id: string, m: number) => lossesOf.get(id)![m]! <= least[m]! + TIE_PERCENT;
        for (const one of ranking) {
          const alone = expectedLoss(lossesOf.get(one.id)!, weights, 0);
          expect(one.expectedLossPercent).toBeCloseTo(alone, 12);
          expect(one.expectedLossSeconds).toBe(seconds(one.expectedLossPercent));
          const odds = weights.reduce(
            (sum, weight, m) =>
              isBest(one.id, m)
                ? sum + weight / allowed.filter(({ id }) => isBest(id, m)).length
                : sum,
            0,
          );
          expect(one.probabilityBest).toBeCloseTo(one.excluded ? 0 : odds, 10);
        }
        if (allowed.length > 0) {
          expect(perfectPercent).toBeCloseTo(expectedLoss(least, weights, 0), 12);
        }
      }),
      { numRuns: 60 },
    );
  });
});
