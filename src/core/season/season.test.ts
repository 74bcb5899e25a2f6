import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CALM_SNOW, plainWax } from '../../../tests/unit/fixtures';
import { learn, learnedAt } from '../learn';
import type { OutingFacts } from '../wax';
import { afterwards, CHART_SNOWS, seasonOf, venueChart } from '.';

const OUTING: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'training' };
const NONE = { venueC: 0, handC: 0 };
const SHELF = [-26, -20, -14, -9, -4, 0, 5].map((low) => plainWax(low, low + 6));
const centre = (id: string) => {
  const { labelLowC, labelHighC } = SHELF.find((one) => one.id === id)!;
  return (labelLowC + labelHighC) / 2;
};
const learnedBy = (offsetC: number) => ({
  ...NONE,
  learned: { ...learnedAt(learn([]), 'here'), offsetC },
});

describe('the season of an instant', () => {
  it('holds it, and the next begins where it ends', () => {
    const days = fc.date({
      min: new Date('1980-01-01'),
      max: new Date('2120-01-01'),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(days, fc.boolean(), (date, isSouthern) => {
        const { from, to } = seasonOf(date.toISOString(), isSouthern);
        const day = date.toISOString().slice(0, 10);
        expect(from <= day && day < to).toBe(true);
        expect(seasonOf(`${to}T00:00:00Z`, isSouthern).from).toBe(to);
      }),
    );
  });

  it('goes from July to June in the north, and is a year in the south', () => {
    expect(seasonOf('2026-11-26T08:00:00Z', false)).toEqual({
      from: '2026-07-01',
      to: '2027-07-01',
      name: '2026/27',
    });
    expect(seasonOf('2027-06-30T23:59:59Z', false).name).toBe('2026/27');
    expect(seasonOf('2027-07-01T00:00:00Z', false).name).toBe('2027/28');
    expect(seasonOf('1999-12-31T00:00:00Z', false).name).toBe('1999/00');
    expect(seasonOf('2027-08-01T00:00:00Z', true)).toEqual({
      from: '2027-01-01',
      to: '2028-01-01',
      name: '2027',
    });
  });
});

describe('the next year’s chart', () => {
  const chart = venueChart(SHELF, { outing: OUTING, own: NONE });

  it('has a product for every snow, never a softer one where it is colder', () => {
    expect(chart.dry.map(({ temperatureC }) => temperatureC)).toEqual([
      -20, -18, -16, -14, -12, -10, -8, -6, -4, -2,
    ]);
    CHART_SNOWS.forEach((_, k) => {
      const centres = chart.dry.map(({ cells }) => centre(cells[k]!.productId));
      expect(centres).toEqual([...centres].sort((a, b) => a - b));
    });
    expect(chart.wet.map(({ wetness }) => wetness)).toEqual(['moist', 'wet', 'very_wet', 'soaked']);
    for (const { cell } of chart.wet) expect(centre(cell.productId)).toBeGreaterThan(-2);
  });

  it('asks for a harder wax in new snow in dry air than in old snow', () => {
    for (const { cells } of chart.dry) {
      expect(cells[0]!.equivalentC).toBeLessThan(cells[2]!.equivalentC);
      for (const { probabilityBest } of cells) expect(probabilityBest).toBeGreaterThan(0.2);
    }
  });

  it('follows what was learned at the venue', () => {
    const softer = venueChart(SHELF, { outing: OUTING, own: learnedBy(4) });
    const centres = (one: typeof chart) => one.dry.map(({ cells }) => centre(cells[2]!.productId));
    const [before, after] = [centres(chart), centres(softer)];
    expect(after.every((value, k) => value >= before[k]!)).toBe(true);
    expect(after).not.toEqual(before);
  });

  it('is empty without glide waxes', () => {
    expect(venueChart([], { outing: OUTING, own: NONE })).toEqual({ dry: [], wet: [] });
  });
});

describe('a choice afterwards', () => {
  const chosen = (productId: string) => ({
    productId,
    products: SHELF,
    snow: { ...CALM_SNOW, temperatureC: -8 },
    snowSdC: 0.5,
    outing: OUTING,
  });
  const best = afterwards(chosen(SHELF[3]!.id), NONE)!.best.id;

  it('lost nothing where the best was taken, and seconds where another was', () => {
    expect(afterwards(chosen(best), NONE)!.lostSeconds).toBe(0);
    const other = SHELF.find(({ id }) => id !== best)!;
    expect(afterwards(chosen(other.id), NONE)).toMatchObject({ best: { id: best } });
    expect(afterwards(chosen(other.id), NONE)!.lostSeconds).toBeGreaterThan(1);
  });

  it('is judged by what has been learned since', () => {
    const since = afterwards(chosen(best), learnedBy(-5))!;
    expect(since.best.id).not.toBe(best);
    expect(since.lostSeconds).toBeGreaterThan(0);
  });

  it('is not judged where its product or its shelf is not known', () => {
    expect(afterwards(chosen('gone'), NONE)).toBeUndefined();
    expect(afterwards({ ...chosen(best), products: [] }, NONE)).toBeUndefined();
  });
});
