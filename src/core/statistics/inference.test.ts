import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomSource } from '../random';
import reference from '../../../tests/reference/glide.json';
import { alwaysHalfWidth, bradleyTerry, leastSquares, studentBeyond, studentLimit } from '.';

describe('Student’s t', () => {
  it.each(Object.entries(reference.t975))('with %s degrees is as tabled', (freedom, limit) => {
    expect(studentLimit(0.05, Number(freedom))).toBeCloseTo(limit, 9);
  });

  it('is Cauchy’s with one degree, and the normal with many', () => {
    expect(studentBeyond(1, 1)).toBeCloseTo(0.5, 12);
    expect(studentLimit(0.05, 1e7)).toBeCloseTo(1.959964, 5);
  });

  it('gives back the chance that its limit was asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-6, max: 0.99, noNaN: true }),
        fc.integer({ min: 1, max: 400 }),
        (chance, freedom) => {
          const found = studentBeyond(studentLimit(chance, freedom), freedom);
          expect(Math.abs(found / chance - 1)).toBeLessThan(1e-9);
        },
      ),
    );
  });
});

describe('least squares', () => {
  it('finds the line that points lie on, with nothing left', () => {
    const fit = leastSquares(
      [
        [1, 0],
        [1, 1],
        [1, 2],
      ],
      [1, 3, 5],
    )!;
    expect(fit.coefficients[0]).toBeCloseTo(1, 12);
    expect(fit.coefficients[1]).toBeCloseTo(2, 12);
    expect(fit.squares).toBeCloseTo(0, 20);
    expect(fit.freedom).toBe(1);
    expect(fit.leverages.reduce((sum, one) => sum + one, 0)).toBeCloseTo(2, 12);
  });

  it('says nothing where regressors are one', () => {
    expect(
      leastSquares(
        [
          [1, 2],
          [2, 4],
          [3, 6],
        ],
        [1, 2, 3],
      ),
    ).toBeUndefined();
    expect(leastSquares([], [])).toBeUndefined();
    // A regressor whose square is below what a number can hold determines nothing.
    const tiny = [-1.57e-162, 0, 0, 0, 0].map((x) => [1, x]);
    expect(leastSquares(tiny, [0, 1, 2, 3, 4])).toBeUndefined();
  });

  it('leaves residuals that no regressor can explain', () => {
    const row = fc.tuple(
      fc.double({ min: -5, max: 5, noNaN: true }),
      fc.double({ min: -9, max: 9, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(row, { minLength: 4, maxLength: 20 }), (points) => {
        const rows = points.map(([x]) => [1, x]);
        const fit = leastSquares(
          rows,
          points.map(([, y]) => y),
        );
        if (!fit) return;
        for (const k of [0, 1]) {
          const left = rows.reduce((sum, one, i) => sum + one[k]! * fit.residuals[i]!, 0);
          expect(Math.abs(left)).toBeLessThan(1e-6);
        }
      }),
    );
  });
});

describe('strengths by Bradley and Terry', () => {
  it('are those computed elsewhere', () => {
    const found = bradleyTerry(reference.ranking.wins);
    expect(found.map(({ name }) => name).sort()).toEqual(['P', 'Q', 'R', 'S']);
    for (const { name, strength, sd } of found) {
      expect(strength).toBeCloseTo(
        reference.ranking.strengths[name as keyof typeof reference.ranking.strengths],
        6,
      );
      expect(sd).toBeGreaterThan(0.2);
      expect(sd).toBeLessThan(0.8);
    }
  });

  it('of two are the logarithm of their odds', () => {
    const [p, q] = bradleyTerry([
      { winner: 'P', loser: 'Q', n: 3 },
      { winner: 'Q', loser: 'P', n: 1 },
    ]);
    expect(p!.strength - q!.strength).toBeCloseTo(Math.log(3), 9);
    // The odds of 3 to 1 have a variance of 1/3 + 1 in logarithms; a strength is half of it from the mean.
    expect(p!.sd).toBeCloseTo(0.5 * Math.sqrt(4 / 3), 9);
  });

  it('stay finite for who won all, with a prior', () => {
    const [p] = bradleyTerry([{ winner: 'P', loser: 'Q', n: 6 }], 0.25);
    expect(p!.strength).toBeGreaterThan(0.8);
    expect(p!.strength).toBeLessThan(3);
  });
});

describe('the interval that may be looked at always', () => {
  it('is wide at first, and never narrower than the one for a single look', () => {
    const at = (freedom: number) =>
      alwaysHalfWidth(
        { sd: 1, unitVariance: 4 / (freedom + 3), freedom },
        { chance: 0.05, priorSds: 1.5 },
      );
    expect(at(0)).toBe(Infinity);
    expect(at(1)).toBe(Infinity);
    for (const freedom of [5, 9, 21, 99]) {
      const single = studentLimit(0.05, freedom) * Math.sqrt(4 / (freedom + 3));
      expect(at(freedom)).toBeGreaterThan(single);
      expect(at(freedom)).toBeLessThan(2.5 * single);
    }
  });

  it('misses the truth in no more than 1 series of 20, with a look after every value', () => {
    const { normal } = randomSource(3);
    let missed = 0;
    const series = 2000;
    for (let k = 0; k < series; k += 1) {
      let [sum, squares] = [0, 0];
      let isMissed = false;
      for (let n = 1; n <= 60; n += 1) {
        const value = normal();
        sum += value;
        squares += value * value;
        if (n < 2) continue;
        const mean = sum / n;
        const sd = Math.sqrt((squares - n * mean * mean) / (n - 1));
        const half = alwaysHalfWidth(
          { sd, unitVariance: 1 / n, freedom: n - 1 },
          { chance: 0.05, priorSds: 1.5 },
        );
        isMissed ||= Math.abs(mean) > half;
      }
      missed += Number(isMissed);
    }
    expect(missed / series).toBeLessThan(0.05);
    expect(missed / series).toBeGreaterThan(0.01);
  });
});
