import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import reference from '../../../tests/reference/ledger.json';
import { DomainError } from '../errors';
import { WETNESSES, type Wetness } from '../terms';
import {
  glideLossPercent,
  hardness,
  labelHardness,
  labelShape,
  ledger,
  pick,
  type GlideProduct,
  type OutingFacts,
  type SnowConditions,
} from '.';
import { quantileOfValley, snowTemperaturePoints } from './quadrature';

const outing: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'training' };
const calm: SnowConditions = {
  temperatureC: -8,
  temperatureSdC: 1,
  humidityFraction: 0.65,
  origin: 'natural',
  sharpness: 0.35,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const plainWax = (low: number, high: number, more: Partial<GlideProduct> = {}): GlideProduct => ({
  id: `${low}/${high}`,
  name: `Wax ${low}/${high}`,
  labelLowC: low,
  labelHighC: high,
  additives: [],
  form: 'block',
  ...more,
});
const ladder = [-22, -18, -14, -10, -6, -2].map((low) => plainWax(low, low + 6));

const temperature = fc.double({ min: -24, max: -2, noNaN: true });
const fraction = fc.double({ min: 0, max: 1, noNaN: true });

describe('the ledger', () => {
  it.each(reference.cases)('gives the reference lines and sum for $inputs', (row) => {
    const input = row.inputs as Record<string, unknown>;
    const result = ledger(
      {
        ...calm,
        temperatureC: input.T as number,
        sharpness: input.sh as number,
        humidityFraction: input.rh as number,
        origin: input.made === 1 ? 'machine_made' : input.made === 0.5 ? 'mixed' : 'natural',
        wetness: (input.wet as Wetness | undefined) ?? 'dry',
        glazed: input.glazed === true,
      },
      { ...outing, distanceKm: (input.km as number | undefined) ?? 10 },
    );
    expect(result.lines).toHaveLength(row.lines.length);
    row.lines.forEach((value, i) => expect(result.lines[i]!.valueC).toBeCloseTo(value, 10));
    expect(result.equivalentTemperatureC).toBeCloseTo(row.T_eq, 10);
    expect(hardness(result.equivalentTemperatureC)).toBeCloseTo(row.hardness, 9);
  });

  it('says when nobody looked at the grain and counts the technician’s own lines only when set', () => {
    const unseen = { ...calm, sharpness: undefined };
    const lines = ledger(unseen, outing).lines;
    expect(lines[1]!.valueC).toBe(0);
    expect(lines[1]!.reason).toContain('not given');
    const own = ledger(calm, outing, { venueC: -0.5, handC: 1 });
    expect(own.lines.slice(7).map((line) => line.valueC)).toEqual([-0.5, 1]);
    expect(own.equivalentTemperatureC).toBeCloseTo(-7.5, 12);
  });

  it('rises with temperature and wetness, and falls with sharpness', () => {
    fc.assert(
      fc.property(temperature, fraction, fraction, (t, sharp, humidity) => {
        const base = { ...calm, temperatureC: t, sharpness: sharp, humidityFraction: humidity };
        const at = (change: Partial<SnowConditions>) =>
          ledger({ ...base, ...change }, outing).equivalentTemperatureC;
        expect(at({ temperatureC: t + 1 })).toBeGreaterThan(at({}));
        expect(at({ sharpness: sharp / 2 })).toBeGreaterThanOrEqual(at({}));
        const wetOnes = WETNESSES.slice(1).map((wetness) => at({ wetness }));
        expect([...wetOnes].sort((a, b) => a - b)).toEqual(wetOnes);
      }),
    );
  });

  it('refuses snow above 0 °C, humidity above 1, NaN and a correction beyond 5 °C', () => {
    expect(() => ledger({ ...calm, temperatureC: 0.1 }, outing)).toThrow(DomainError);
    expect(() => ledger({ ...calm, humidityFraction: 1.01 }, outing)).toThrow(DomainError);
    expect(() => ledger({ ...calm, sharpness: NaN }, outing)).toThrow(DomainError);
    expect(() => ledger(calm, { ...outing, distanceKm: -1 })).toThrow(DomainError);
    expect(() => ledger(calm, outing, { venueC: 6, handC: 0 })).toThrow(DomainError);
  });
});

describe('loss and hardness', () => {
  it.each(reference.loss)('gives the reference loss at $T_eq on a $lo…$hi label', (row) => {
    expect(glideLossPercent(row.T_eq, labelShape(row.lo, row.hi))).toBeCloseTo(
      row.loss_percent,
      10,
    );
  });

  it('is 90 at −25 °C, 20 at 0 °C, and never leaves 0…100', () => {
    expect(hardness(-25)).toBeCloseTo(90, 12);
    expect(hardness(0)).toBe(20);
    expect(hardness(12)).toBe(0);
    expect(hardness(-40)).toBe(100);
    expect(labelHardness(-12, -6)).toBeCloseTo(45.2, 12);
  });

  it('refuses a label whose ends are swapped or equal', () => {
    expect(() => labelShape(0, -6)).toThrow(DomainError);
    expect(() => labelShape(-3, -3)).toThrow(DomainError);
  });
});

describe('quadrature', () => {
  it('keeps mean and spread of a normal far from 0 °C, and never passes 0 °C near it', () => {
    const { values, weights } = snowTemperaturePoints(-12, 1.5);
    const mean = values.reduce((sum, v, i) => sum + v * weights[i]!, 0);
    const variance = values.reduce((sum, v, i) => sum + (v - mean) ** 2 * weights[i]!, 0);
    expect(mean).toBeCloseTo(-12, 10);
    expect(Math.sqrt(variance)).toBeCloseTo(1.5, 2);
    expect(Math.max(...snowTemperaturePoints(-0.5, 2).values)).toBe(0);
  });

  it('finds the quantile of a loss that falls and rises, as sorting would', () => {
    const third = Float64Array.of(1 / 3, 1 / 3, 1 / 3);
    expect(quantileOfValley(Float64Array.of(2, 1, 3), third, 0.5)).toBe(2);
    expect(quantileOfValley(Float64Array.of(2, 1, 3), third, 1)).toBe(3);
    fc.assert(
      fc.property(temperature, fraction, (t, share) => {
        const { values, weights } = snowTemperaturePoints(t, 2);
        const losses = values.map((v) => glideLossPercent(v, labelShape(-12, -6)));
        const order = [...losses.keys()].sort((a, b) => losses[a]! - losses[b]!);
        let sum = 0;
        const sorted = order.find((i) => (sum += weights[i]!) >= share - 1e-12)!;
        expect(quantileOfValley(losses, weights, share)).toBeCloseTo(losses[sorted]!, 9);
      }),
    );
  });
});

describe('the pick', () => {
  it('chooses the wax whose label the conditions ask for and says how sure that is', () => {
    const result = pick(calm, outing, ladder);
    expect(result.ranking[0]!.name).toBe('Wax -10/-4');
    const total = result.ranking.reduce((sum, one) => sum + one.probabilityBest, 0);
    expect(total).toBeCloseTo(1, 10);
    expect(result.ranking[0]!.lossP90Percent).toBeGreaterThan(0);
  });

  it('agrees with the expected loss worked out by hand inside a flat label', () => {
    // Inside the flat part the loss is 0.005·x², so its mean is 0.005·(x² + sd²).
    const sd = 0.3;
    const result = pick({ ...calm, temperatureSdC: sd }, outing, [plainWax(-14, -2)]);
    const variance = snowTemperaturePoints(-8, sd);
    const moment = variance.values.reduce((s, v, i) => s + (v + 8) ** 2 * variance.weights[i]!, 0);
    expect(result.ranking[0]!.expectedLossPercent).toBeCloseTo(0.3 + 0.005 * moment, 10);
  });

  it('on a ladder of equal labels wider uncertainty never makes the choice softer', () => {
    fc.assert(
      fc.property(
        temperature,
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        (t, sd, more) => {
          const centre = (temperatureSdC: number) => {
            const best = pick({ ...calm, temperatureC: t, temperatureSdC }, outing, ladder)
              .ranking[0]!;
            return ladder.find((one) => one.id === best.id)!.labelLowC;
          };
          expect(centre(sd + more)).toBeLessThanOrEqual(centre(sd));
        },
      ),
    );
  });

  it('does not depend on the order of the shelf', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(ladder, { minLength: ladder.length }), (shelf) => {
        expect(pick(calm, outing, shelf)).toEqual(pick(calm, outing, ladder));
      }),
    );
  });

  it('keeps its winner when a worse product is added', () => {
    fc.assert(
      fc.property(temperature, (t) => {
        const snow = { ...calm, temperatureC: t };
        const before = pick(snow, outing, ladder).ranking[0]!;
        const worse = plainWax(-40, -34, { id: 'worse' });
        expect(pick(snow, outing, [...ladder, worse]).ranking[0]!.id).toBe(before.id);
      }),
    );
  });

  it('asks for water repellent and dry lubricant where they serve, and charges both ways', () => {
    const wetSnow: SnowConditions = { ...calm, temperatureC: 0, wetness: 'wet' };
    expect(pick(wetSnow, outing, ladder).additives.map((a) => a.additive)).toEqual([
      'water_repellent',
    ]);
    const made: SnowConditions = { ...calm, origin: 'machine_made' };
    const black = plainWax(-12, -6, { id: 'black', additives: ['graphite'] });
    const twin = plainWax(-12, -6, { id: 'twin' });
    expect(pick(made, outing, [twin, black]).ranking[0]!.id).toBe('black');
    expect(pick(calm, outing, [twin, black]).ranking[0]!.id).toBe('twin');
    const cold = { ...calm, temperatureC: -14, humidityFraction: 0.4 };
    expect(pick(cold, outing, ladder).additives[0]!.reason).toContain('static');
  });

  it('widens structure with water and rounds it to fine in the cold', () => {
    const width = (change: Partial<SnowConditions>) =>
      pick({ ...calm, ...change }, outing, ladder).structure.widthMm;
    expect([
      width({ temperatureC: -15 }),
      width({}),
      width({ wetness: 'moist' }),
      width({ wetness: 'moist', sharpness: 0 }),
      width({ wetness: 'wet' }),
      width({ wetness: 'soaked' }),
    ]).toEqual([0.25, 0.5, 0.75, 1, 1.5, 2]);
  });

  it('excludes fluorocarbons unless allowed, never lets them win, and cautions when allowed', () => {
    const legacy = plainWax(-10, -4, { id: 'legacy', additives: ['fluorocarbon'] });
    const forbidden = pick(calm, outing, [...ladder, legacy]);
    const last = forbidden.ranking.at(-1)!;
    expect(last).toMatchObject({ id: 'legacy', excluded: true, probabilityBest: 0 });
    expect(last.reasons[0]).toContain('fluorocarbons');
    const allowed = pick(calm, { ...outing, fluorocarbonsAllowed: true }, [...ladder, legacy]);
    expect(allowed.ranking.some((one) => one.excluded)).toBe(false);
    expect(allowed.cautions.join(' ')).toContain('respirator');
    expect(pick(calm, outing, [legacy]).cautions.join(' ')).toContain('excluded by the rule');
  });

  it('says when wet snow is too cold to be wet, and when nothing on the shelf suits', () => {
    const odd = pick({ ...calm, temperatureC: -10, wetness: 'wet' }, outing, ladder);
    expect(odd.cautions.join(' ')).toContain('check the probe');
    const none = pick({ ...calm, temperatureC: -20 }, outing, [plainWax(-4, 0)]);
    expect(none.cautions.join(' ')).toContain('a label around −20 °C is missing');
  });

  it('refuses an empty shelf by name', () => {
    expect(() => pick(calm, outing, [])).toThrow(/shelf is empty/);
  });
});
