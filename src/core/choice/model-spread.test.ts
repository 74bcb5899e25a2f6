import { describe, expect, it } from 'vitest';
import { CALM_SNOW, plainWax } from '../../../tests/unit/fixtures';
import { casesFromReading, rank } from '.';
import { demandsOf } from './demands';
import { CHOICE } from './figures';
import { withModelSpread } from './model-spread';
import { meanOver } from './typical-snow';

const outing = { discipline: 'skate', distanceKm: 10, purpose: 'race' } as const;
const own = { venueC: 0, handC: 0 };
const cases = casesFromReading({ ...CALM_SNOW, temperatureSdC: 0.5 });

const momentsOf = (wide: typeof cases) => {
  const { equivalentC } = demandsOf(wide, { outing, own });
  const mean = meanOver(wide, (i) => equivalentC[i]!);
  return { mean, variance: meanOver(wide, (i) => (equivalentC[i]! - mean) ** 2) };
};

describe('what the ledger does not know', () => {
  it('stands in points of mean 0 and variance 1', () => {
    const points = CHOICE.modelPoints;
    const mean = points.reduce<number>((sum, one) => sum + one, 0) / points.length;
    const square = points.reduce<number>((sum, one) => sum + one * one, 0) / points.length;
    expect(mean).toBeCloseTo(0, 9);
    expect(square).toBeCloseTo(1, 3);
  });

  it('is one draw for each of many members, and has nothing to do with their snow', () => {
    const members = 400;
    const many = {
      ...cases,
      members,
      memberWeights: new Float64Array(members).fill(1 / members),
      temperatureC: Float64Array.from({ length: members }, (_, m) => -12 + (8 * m) / members),
      humidity: new Float64Array(members).fill(0.7),
      sharpness: new Float64Array(members).fill(0.35),
      waterPercent: new Float64Array(members),
      hardTrack: new Float64Array(members),
      reading: undefined,
    };
    const wide = withModelSpread(many, 1.5);
    expect(wide.members).toBe(members);
    const before = momentsOf(many);
    const after = momentsOf(wide);
    expect(after.mean).toBeCloseTo(before.mean, 9);
    expect(after.variance - before.variance).toBeCloseTo(1.5 ** 2, 1);
  });

  it('adds to the spread of what is asked for, and leaves its mean and the snow', () => {
    const before = momentsOf(cases);
    const wide = withModelSpread(cases, 1.5);
    const after = momentsOf(wide);
    expect(after.mean).toBeCloseTo(before.mean, 9);
    expect(after.variance - before.variance).toBeCloseTo(1.5 ** 2, 2);
    expect(wide.memberWeights.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
    expect(meanOver(wide, (i) => wide.temperatureC[i]!)).toBeCloseTo(
      meanOver(cases, (i) => cases.temperatureC[i]!),
      9,
    );
  });

  it('of nothing changes nothing', () => {
    expect(momentsOf(withModelSpread(cases, 0)).variance).toBeCloseTo(momentsOf(cases).variance, 9);
  });

  it('makes the odds humbler: a wax in the middle of its label is not best nine times in ten', () => {
    const ladder = [-20, -17, -14, -11, -8, -5].map((low) => plainWax(low, low + 6));
    const { ranking, equivalentSdC, spread } = rank({
      cases: casesFromReading({ ...CALM_SNOW, temperatureSdC: 0.1 }),
      outing,
      own,
      products: ladder,
    });
    expect(spread.modelC).toBeGreaterThan(1.2);
    expect(equivalentSdC).toBeCloseTo(Math.hypot(spread.snowC, spread.modelC), 9);
    expect(ranking[0]!.probabilityBest).toBeLessThan(0.9);
    expect(ranking[0]!.probabilityBest).toBeGreaterThan(0.4);
  });
});
