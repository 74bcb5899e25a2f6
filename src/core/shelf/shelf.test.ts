import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FLAT_SITE } from '../../../tests/unit/fixtures';
import { outlook, snowAt } from '../snow/outlook';
import { isStatic } from '../wax';
import {
  bestPurchase,
  costAPair,
  coverage,
  gramsAPair,
  guessBlock,
  ironTemperature,
  lastStretch,
  meltingPoint,
  NAIL_TESTS,
  runsOut,
  shelfDays,
  shelfNotes,
} from '.';

const wax = (
  labelLowC: number,
  labelHighC: number,
  additives: ('graphite' | 'water_repellent')[] = [],
) => ({
  id: `${labelLowC}`,
  labelLowC,
  labelHighC,
  additives,
});

describe('coverage', () => {
  it('is a hole throughout on an empty shelf, and has none on a close one', () => {
    const empty = coverage([]);
    expect(empty.holes).toHaveLength(4);
    expect(empty.holes[0]).toMatchObject({ fromC: -25, toC: 8 });
    const close = [];
    for (let low = -32; low < 12; low += 3) {
      for (const additives of [[], ['graphite'], ['water_repellent']] as const) {
        close.push(wax(low, low + 6, [...additives]));
      }
    }
    expect(coverage(close).holes).toEqual([]);
  });

  it('names the range that no label reaches', () => {
    const { holes, rows } = coverage([wax(-12, -6), wax(0, 6)]);
    const dry = holes.filter((hole) => hole.kind === 'plain');
    expect(dry).toHaveLength(2);
    expect(dry[0]).toMatchObject({ fromC: -25 });
    expect(dry[0]!.toC).toBeLessThan(-12);
    expect(rows[0]!.bestId).toContain('0');
  });

  it('gets no worse with a further wax', () => {
    fc.assert(
      fc.property(fc.integer({ min: -25, max: 4 }), (low) => {
        const before = coverage([wax(-12, -6)]);
        const after = coverage([wax(-12, -6), wax(low, low + 6)]);
        before.rows.forEach((row, k) =>
          row.lossPercent.forEach((loss, i) =>
            expect(after.rows[k]!.lossPercent[i]!).toBeLessThanOrEqual(loss + 1e-12),
          ),
        );
      }),
      { numRuns: 30 },
    );
  });
});

describe('the one purchase', () => {
  const cold = Array.from({ length: 40 }, (_, i) => ({
    equivalentC: -14 + (i % 3),
    kind: 'lubricant' as const,
  }));
  it('fills what the venue’s days need, additive included', () => {
    const bought = bestPurchase([wax(-6, 0)], cold)!;
    expect(bought.labelLowC).toBeLessThan(-13);
    expect(bought.labelHighC).toBeGreaterThan(-13);
    expect(bought.additives).toEqual(['graphite']);
    expect(bought.afterPercent).toBeLessThan(bought.beforePercent);
  });

  it('is none without days, or where the shelf serves', () => {
    expect(bestPurchase([wax(-6, 0)], [])).toBeUndefined();
    const exact = [{ equivalentC: -3, kind: 'plain' as const }];
    expect(bestPurchase([wax(-5, -1)], exact)).toBeUndefined();
  });

  it('takes the days from recorded weather', () => {
    const HOUR = 3_600_000;
    const START = Date.parse('2027-01-10T00:00:00Z');
    const weather = [-40, ...Array.from({ length: 30 }, (_, h) => h)].map((h) => ({
      timeMs: START + h * HOUR,
      airTemperatureC: -9,
      humidityFraction: 0.6,
      windMPerS: 2,
      cloudFraction: 0.5,
    }));
    const stretch = lastStretch(weather, 240);
    expect(stretch).toHaveLength(30);
    const made = outlook({
      site: FLAT_SITE,
      surface: { kind: 'machine_made' },
      weather: stretch,
      members: 10,
    });
    const place = { origin: 'machine_made', timeZone: 'UTC' } as const;
    const days = shelfDays(made, stretch, place);
    // 8 to 17 h of the one whole day; nobody buys a wax for the night.
    expect(days).toHaveLength(9);
    expect(days[5]).toMatchObject({ kind: 'lubricant' });
    expect(days[5]!.equivalentC).toBeLessThan(-9);
    const moist = weather.slice(1).map((one) => ({ ...one, humidityFraction: 1 }));
    const kinds = (samples: typeof moist, origin: 'natural' | 'machine_made') =>
      new Set(shelfDays(made, samples, { origin, timeZone: 'UTC' }).map((one) => one.kind));
    expect([...kinds(moist, 'natural')]).toEqual(['repellent']);
    expect([...kinds(moist, 'machine_made')]).toEqual(['both']);
    const arid = weather.slice(1).map((one) => ({ ...one, humidityFraction: 0.2 }));
    const snow = snowAt(made, arid[12]!.timeMs)!;
    const isCharged = isStatic(snow.contactC.p50, 0.2);
    expect([...kinds(arid, 'natural')]).toContain(isCharged ? 'lubricant' : 'plain');
  });
});

describe('a block without a label', () => {
  it('is the harder the less a nail does to it', () => {
    const hard = NAIL_TESTS.map((nail) => guessBlock(nail).hardness);
    expect([...hard].sort((a, b) => a - b)).toEqual(hard);
  });

  it('is surer with a finger too, and labelled about its hardness', () => {
    const nail = guessBlock('groove');
    const both = guessBlock('groove', 'greasy');
    expect(both.hardnessSd).toBeLessThan(nail.hardnessSd);
    expect(both.labelHighC - both.labelLowC).toBeLessThan(nail.labelHighC - nail.labelLowC);
    expect(both.labelLowC).toBeLessThan(both.labelHighC);
  });

  it('refuses answers that contradict each other', () => {
    expect(() => guessBlock('no_mark', 'sticks')).toThrow(/contradiction/);
  });
});

describe('figures nobody gave', () => {
  it('are estimated from the label and marked so', () => {
    const unknown = { labelLowC: -20, labelHighC: -12 };
    expect(ironTemperature(unknown)).toMatchObject({ isEstimate: true });
    expect(ironTemperature(unknown).value).toBeGreaterThan(
      ironTemperature({ labelLowC: -4, labelHighC: 0 }).value,
    );
    expect(meltingPoint({ ...unknown, ironC: 120 })).toEqual({ value: 60, isEstimate: true });
    expect(meltingPoint({ ...unknown, meltingC: 72 })).toEqual({ value: 72, isEstimate: false });
  });
});

describe('a look along the shelf', () => {
  it('notices labels that are the same and labels that say little', () => {
    const one = (name: string, low: number, high: number) => ({
      ...wax(low, high),
      id: name,
      name,
      form: 'block' as const,
    });
    const notes = shelfNotes([
      one('A', -9, -4),
      one('B', -9, -4),
      one('C', -30, 0),
      one('D', -5, 0),
    ]);
    expect(notes).toHaveLength(2);
    expect(notes[0]).toEqual({ code: 'same_labels', names: ['A', 'B'] });
    expect(notes[1]).toEqual({ code: 'very_wide_label', name: 'C', spanK: 30 });
    expect(shelfNotes([one('D', -5, 0)])).toEqual([]);
  });
});

describe('stock', () => {
  it('says at which outing it runs out', () => {
    const uses = [
      { outingName: 'first', discipline: 'skate' as const, pairs: 4, coats: 1 },
      { outingName: 'second', discipline: 'skate' as const, pairs: 4, coats: 2 },
    ];
    expect(runsOut('block', 100, uses)).toBeUndefined();
    expect(runsOut('block', 30, uses)).toEqual({ outingName: 'second', missingG: 42 });
  });

  it('costs by what a pair takes', () => {
    expect(gramsAPair('block', 'alpine')).toBeGreaterThan(gramsAPair('block', 'skate'));
    expect(costAPair({ form: 'block', price: 20, containerG: 60 }, 'skate')).toBe(2);
    expect(costAPair({ form: 'block', price: 20 }, 'skate')).toBeUndefined();
  });
});
