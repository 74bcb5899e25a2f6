import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import friction from '../../../tests/reference/friction.json';
import reference from '../../../tests/reference/glide.json';
import { randomSource, type RandomSource } from '../random';
import { analyseGlide, balancedOrder, type GlideRun, type GlideTest } from '.';

const { paired } = reference;
const pairedRuns: GlideRun[] = paired.minutes.map((minute, k) => ({
  minute,
  ski: paired.ski[k]!,
  value: paired.seconds[k]!,
}));

interface Track {
  better: Record<string, number>;
  sd: number;
  drift: number;
}

/** Runs of skis one after the other, four minutes apart, on a track that changes. */
function simulated(order: readonly string[], { better, sd, drift }: Track, random: RandomSource) {
  return order.map((ski, k): GlideRun => ({
    minute: 4 * k,
    ski,
    value: 31 + better[ski]! + drift * 4 * k + sd * random.normal(),
  }));
}

const seconds = (runs: readonly GlideRun[], rest: Partial<GlideTest> = {}) =>
  analyseGlide({ measure: 'seconds', runs, ...rest });

describe('a test of two skis', () => {
  it('finds the difference, the drift and the interval computed elsewhere', () => {
    const { differences, driftPerMin, verdict, outliers } = seconds(pairedRuns);
    const [difference] = differences;
    expect(difference).toMatchObject({ a: 'A', b: 'B' });
    expect(difference!.estimate).toBeCloseTo(paired.difference_B_minus_A, 9);
    expect(difference!.high - difference!.estimate).toBeCloseTo(paired.half_width_95, 9);
    expect(difference!.estimate - difference!.low).toBeCloseTo(paired.half_width_95, 9);
    expect(driftPerMin).toBeCloseTo(paired.drift_s_per_min, 9);
    expect(verdict).toEqual({ code: 'faster', ski: 'A', than: ['B'] });
    expect(outliers).toEqual([]);
  });

  it('is the same whatever the unit of the clock, the order of the list and the level of the times', () => {
    const [before] = seconds(pairedRuns).differences;
    const moved = pairedRuns
      .map((run) => ({ ...run, minute: run.minute + 480, value: run.value + 7 }))
      .reverse();
    const [after] = seconds(moved).differences;
    // The last to run is named first now.
    expect(after!.estimate * (after!.a === 'A' ? 1 : -1)).toBeCloseTo(before!.estimate, 9);
    expect(after!.high - after!.low).toBeCloseTo(before!.high - before!.low, 9);
  });

  it('names no winner before anything is left over, and says how many runs that takes', () => {
    const verdictAfter = (count: number) => seconds(pairedRuns.slice(0, count)).verdict;
    expect(verdictAfter(1)).toEqual({ code: 'too_few', moreRuns: 3 });
    expect(verdictAfter(2).code).toBe('too_few');
    expect(verdictAfter(3)).toEqual({ code: 'too_few', moreRuns: 1 });
    expect(verdictAfter(4)).toMatchObject({ code: 'not_yet', ahead: 'A' });
    // One after the other, never back: skis and the track are one.
    const forthOnly = [0, 4].map((minute, k) => ({ minute, ski: 'AB'[k]!, value: 31 + k }));
    expect(seconds(forthOnly).differences).toEqual([]);
    expect(seconds([{ minute: 0, ski: 'A', value: 30 }]).verdict.code).toBe('too_few');
  });

  it('says how many runs more it takes, and about so many it takes', () => {
    const random = randomSource(21);
    const order = balancedOrder(['A', 'B'], { rounds: 20 });
    const track = { better: { A: 0, B: 0.25 }, sd: 0.15, drift: 0.01 };
    const ratios: number[] = [];
    for (let k = 0; k < 200; k += 1) {
      const runs = simulated(order, track, random);
      const first = seconds(runs.slice(0, 8)).verdict;
      if (first.code !== 'not_yet' || first.moreRuns === undefined) continue;
      let took = 8;
      while (took < runs.length && seconds(runs.slice(0, took)).verdict.code !== 'faster')
        took += 1;
      ratios.push((took - 8) / first.moreRuns);
    }
    expect(ratios.length).toBeGreaterThan(30);
    const middle = [...ratios].sort((a, b) => a - b)[ratios.length >> 1]!;
    expect(middle).toBeGreaterThan(0.4);
    expect(middle).toBeLessThan(1.8);
  });

  it('calls alike what is alike, once that is sure', () => {
    const random = randomSource(5);
    const order = balancedOrder(['A', 'B'], { rounds: 30 });
    const runs = simulated(order, { better: { A: 0, B: 0.01 }, sd: 0.05, drift: 0 }, random);
    expect(seconds(runs).verdict).toMatchObject({ code: 'alike', skis: ['A', 'B'] });
  });

  it('takes more metres, and a better feel, for the better ski', () => {
    const runs = (values: number[]) =>
      values.map((value, k) => ({ minute: k * 3, ski: 'ABBAABBA'[k]!, value }));
    const metres = analyseGlide({
      measure: 'metres',
      runs: runs([40, 44.2, 43.9, 40.1, 40.2, 44, 44.1, 39.8]),
    });
    expect(metres.verdict).toMatchObject({ code: 'faster', ski: 'B' });
    expect(metres.ranking[0]).toMatchObject({ ski: 'B' });
    const feel = analyseGlide({ measure: 'feel', runs: runs([5, 7, 8, 5, 4, 7, 7, 5]) });
    expect(feel.ranking[0]!.ski).toBe('B');
    expect(feel.ranking[0]!.strength).toBeGreaterThan(0);
  });
});

describe('a run that does not go with the others', () => {
  const odd = pairedRuns.map((run, k) => (k === 4 ? { ...run, value: run.value + 2 } : run));
  it('is told with its size and how rare it is, and kept', () => {
    const { outliers, differences } = seconds(odd);
    expect(outliers).toHaveLength(1);
    expect(outliers[0]).toMatchObject({
      index: 4,
      reason: { code: 'far_off', measure: 'seconds' },
    });
    expect((outliers[0]!.reason as { off: number }).off).toBeCloseTo(2, 0);
    expect(differences[0]!.high - differences[0]!.low).toBeGreaterThan(1);
  });

  it('is found in few tests of those where nothing is odd', () => {
    const random = randomSource(8);
    const order = balancedOrder(['A', 'B'], { rounds: 3 });
    let found = 0;
    for (let k = 0; k < 1000; k += 1) {
      const runs = simulated(order, { better: { A: 0, B: 0.2 }, sd: 0.1, drift: 0.01 }, random);
      found += Number(seconds(runs).outliers.length > 0);
    }
    expect(found / 1000).toBeLessThan(0.07);
    expect(found / 1000).toBeGreaterThan(0.02);
  });
});

describe('over 2,000 tests of skis that differ by what is known', () => {
  const TESTS = 2000;

  it('the interval holds the truth 19 times in 20', () => {
    const random = randomSource(17);
    const order = balancedOrder(['A', 'B', 'C'], { rounds: 2 });
    let held = 0;
    for (let k = 0; k < TESTS; k += 1) {
      const track = { better: { A: 0, B: 0.3, C: -0.1 }, sd: 0.2, drift: 0.02 };
      const runs = simulated(order, track, random);
      const { differences } = seconds(runs);
      const one = differences.find(({ a, b }) => a === 'A' && b === 'B')!;
      held += Number(one.low <= 0.3 && 0.3 <= one.high);
    }
    expect(Math.abs(held / TESTS - 0.95)).toBeLessThan(0.013);
  });

  it('a word after every run is wrong no more than once in 20, whether two skis or four are alike', () => {
    const random = randomSource(18);
    for (const skis of ['AB', 'ABCD']) {
      const names = [...skis];
      const order = balancedOrder(names, { rounds: skis.length === 2 ? 6 : 3 });
      const track = {
        better: Object.fromEntries(names.map((name) => [name, 0])),
        sd: 0.2,
        drift: 0.02,
      };
      let wrong = 0;
      for (let k = 0; k < TESTS; k += 1) {
        const runs = simulated(order, track, random);
        wrong += Number(
          runs.some((_, at) => seconds(runs.slice(0, at + 1)).verdict.code === 'faster'),
        );
      }
      expect(wrong / TESTS).toBeLessThan(0.05);
    }
  }, 60_000);

  it('the interval for every look holds at every look', () => {
    const random = randomSource(19);
    const order = balancedOrder(['A', 'B'], { rounds: 6 });
    let missed = 0;
    for (let k = 0; k < TESTS; k += 1) {
      const runs = simulated(order, { better: { A: 0, B: 0.3 }, sd: 0.2, drift: -0.01 }, random);
      missed += Number(
        runs.some((_, at) => {
          const [one] = seconds(runs.slice(0, at + 1)).differences;
          return one?.always && (one.always.low > 0.3 || one.always.high < 0.3);
        }),
      );
    }
    expect(missed / TESTS).toBeLessThan(0.05);
  }, 60_000);
});

describe('a difference in % of friction', () => {
  it.each(friction.hill)('on $drop_m m over $length_m m, μ $mu, is that of the hill', (row) => {
    const { seconds_without_drag: usual, percent_time_for_1_percent_mu: share } = row;
    // A is as fast as the hill says, B has 1 % more friction.
    const runs = [0, 1, 1, 0, 0, 1, 1, 0].map((isB, k) => ({
      minute: 3 * k,
      ski: isB ? 'B' : 'A',
      value: usual * (1 + (isB * share) / 100) + 1e-4 * (k % 3),
    }));
    const hill = { dropM: row.drop_m, lengthM: row.length_m, fromRest: true };
    const [difference] = seconds(runs, { hill }).differences;
    const { estimate, low, high } = difference!.frictionPercent!;
    expect(estimate).toBeCloseTo(1, 1);
    expect(low).toBeLessThan(estimate);
    expect(high).toBeGreaterThan(estimate);
    // With the snow told, it is in % of what that snow leads one to expect.
    const snow = { temperatureC: -3 - (row.mu - 0.024) * 1000, waterPercent: 0, sharpness: 0.35 };
    const [rendered] = seconds(runs, { hill, snow }).differences;
    expect(rendered!.frictionPercent!.estimate).toBeCloseTo(1, 1);
  });

  it('with a flying start is what a run with 1 % more friction takes longer', () => {
    const hill = { dropM: 4, lengthM: 60, fromRest: false };
    // Even acceleration from 8 m/s on snow of friction 0.03, and of 0.0303.
    const secondsAt = (friction: number) => {
      const slope = Math.asin(hill.dropM / hill.lengthM);
      const pull = 9.80665 * (Math.sin(slope) - friction * Math.cos(slope));
      return (Math.sqrt(64 + 2 * pull * hill.lengthM) - 8) / pull;
    };
    const runs = [0, 1, 1, 0, 0, 1, 1, 0].map((isB, k) => ({
      minute: 3 * k,
      ski: isB ? 'B' : 'A',
      value: secondsAt(isB ? 0.0303 : 0.03) + 1e-5 * (k % 3),
    }));
    const snow = { temperatureC: -9, waterPercent: 0, sharpness: 0.35 };
    const [flying] = seconds(runs, { hill, snow }).differences;
    expect(flying!.frictionPercent!.estimate).toBeCloseTo(1, 1);
  });

  it('is below 0 for who glides further', () => {
    const hill = { dropM: 4, lengthM: 60, fromRest: true };
    const metres = analyseGlide({
      measure: 'metres',
      runs: pairedRuns.map((run) => ({ ...run, value: run.value * 2 })),
      hill,
    });
    const { estimate, low, high } = metres.differences[0]!.frictionPercent!;
    // 0.68 m further of about 123 m of way: as much less of the friction.
    expect(estimate).toBeCloseTo(-0.55, 1);
    expect(low).toBeLessThan(estimate);
    expect(high).toBeGreaterThan(estimate);
  });

  it('is not told for a hill that the times contradict, nor for a feel', () => {
    const steep = { dropM: 50, lengthM: 60, fromRest: true };
    const tooFast = pairedRuns.map((run) => ({ ...run, value: run.value / 20 }));
    expect(seconds(tooFast, { hill: steep }).differences[0]!.frictionPercent).toBeUndefined();
    const feel = analyseGlide({ measure: 'feel', runs: pairedRuns, hill: steep });
    expect(feel.differences[0]!.frictionPercent).toBeUndefined();
  });
});

describe('the order of runs', () => {
  it('lets a steady drift fall on all skis alike', () => {
    expect(balancedOrder(['A', 'B'], { rounds: 2 }).join('')).toBe('ABBABAAB');
    expect(balancedOrder(['A', 'B', 'C'], { rounds: 1, reference: 'R' }).join('')).toBe('RABCCBAR');
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 7 }),
        fc.integer({ min: 1, max: 6 }),
        (count, rounds) => {
          const skis = [...'ABCDEFG'].slice(0, count);
          const order = balancedOrder(skis, { rounds });
          const middles = skis.map((ski) => {
            const places = [...order.keys()].filter((k) => order[k] === ski);
            expect(places).toHaveLength(2 * rounds);
            return places.reduce((sum, one) => sum + one, 0) / places.length;
          });
          for (const middle of middles) expect(middle).toBeCloseTo(middles[0]!, 9);
        },
      ),
    );
  });
});

describe('three skis and more', () => {
  it('are ranked with intervals, the best named once it is apart from each other one', () => {
    const random = randomSource(4);
    const order = balancedOrder(['A', 'B', 'C'], { rounds: 4 });
    const track = { better: { A: 0, B: -0.6, C: 0.3 }, sd: 0.1, drift: 0.03 };
    const { ranking, verdict, differences } = seconds(simulated(order, track, random));
    expect(ranking.map(({ ski }) => ski)).toEqual(['B', 'A', 'C']);
    expect(ranking.reduce((sum, { strength }) => sum + strength, 0)).toBeCloseTo(0, 9);
    for (const { low, strength, high } of ranking) {
      expect(low).toBeLessThan(strength);
      expect(high).toBeGreaterThan(strength);
    }
    expect(differences).toHaveLength(3);
    expect(verdict).toEqual({ code: 'faster', ski: 'B', than: ['A', 'C'] });
  });
});

describe('runs that agree to their last decimal', () => {
  const test = (values: readonly number[]): GlideTest => ({
    measure: 'seconds',
    runs: values.map((value, minute) => ({ ski: 'ABBA'[minute % 4]!, minute, value })),
  });

  it('are no surer than that decimal: a difference of one step is not clear', () => {
    const [coarse] = analyseGlide(test([20, 21, 21, 20])).differences;
    expect(coarse!.high - coarse!.low).toBeGreaterThan(1);
    expect(analyseGlide(test([20, 21, 21, 20])).verdict.code).not.toBe('faster');
    const [fine] = analyseGlide(test([20.001, 21.001, 21.001, 20.001])).differences;
    expect(fine!.high - fine!.low).toBeLessThan(0.1);
  });

  it('leave what scatters more than its rounding as it is', () => {
    const scattered = test([20.01, 20.42, 20.35, 19.9, 20.12, 20.5, 20.31, 20.02]);
    const nudged = {
      ...scattered,
      runs: scattered.runs.map((run) => ({ ...run, value: run.value + 1e-9 })),
    };
    expect(analyseGlide(scattered).runSd).toBeCloseTo(analyseGlide(nudged).runSd!, 6);
  });
});
