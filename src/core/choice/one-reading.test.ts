import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  snowTemperaturePoints,
  type GlideProduct,
  type OutingFacts,
  type SnowConditions,
} from '../wax';
import { CALM_SNOW, plainWax } from '../../../tests/unit/fixtures';
import { casesFromReading, rank } from '.';

const codes = (findings: readonly { code: string }[]) => findings.map(({ code }) => code);

const outing: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'training' };
const calm = CALM_SNOW;
const ladder = [-22, -18, -14, -10, -6, -2].map((low) => plainWax(low, low + 6));
const temperature = fc.double({ min: -24, max: -2, noNaN: true });

/** The shelf ranked for one reading. */
const pick = (snow: SnowConditions, facts: OutingFacts, products: readonly GlideProduct[]) =>
  rank({
    cases: casesFromReading(snow),
    outing: facts,
    own: { venueC: 0, handC: 0 },
    products,
  });

describe('the choice from one reading', () => {
  it('chooses the wax whose label the conditions ask for and says how sure that is', () => {
    const result = pick(calm, outing, ladder);
    expect(result.ranking[0]!.name).toBe('Wax -10/-4');
    const total = result.ranking.reduce((sum, one) => sum + one.probabilityBest, 0);
    expect(total).toBeCloseTo(1, 10);
    expect(result.ranking[0]!.lossP90Percent).toBeGreaterThan(0);
  });

  it('agrees with the expected loss worked out by hand inside a flat label', () => {
    // Inside the flat part the loss is 0.005·x², so its mean is 0.005·(x² + sd² + the ledger's own sd²).
    const sd = 0.3;
    const result = pick({ ...calm, temperatureSdC: sd }, outing, [plainWax(-18, 2)]);
    const own = result.spread.modelC ** 2;
    const variance = snowTemperaturePoints(-8, sd);
    const moment = variance.values.reduce((s, v, i) => s + (v + 8) ** 2 * variance.weights[i]!, 0);
    expect(result.ranking[0]!.expectedLossPercent).toBeCloseTo(0.7 + 0.005 * (moment + own), 6);
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
    expect(pick(cold, outing, ladder).additives[0]!.reason.code).toBe('static_charge');
  });

  it('widens structure with water and rounds it to fine in the cold', () => {
    const width = (change: Partial<SnowConditions>) =>
      pick({ ...calm, ...change }, outing, ladder).structure.widthMm;
    expect(
      [
        width({ temperatureC: -15 }),
        width({}),
        width({ wetness: 'moist' }),
        width({ wetness: 'moist', sharpness: 0 }),
        width({ wetness: 'wet' }),
        width({ wetness: 'soaked' }),
      ].map((mm) => Number(mm.toFixed(9))),
    ).toEqual([0.25, 0.5, 0.75, 1, 1.5, 2]);
  });

  it('excludes fluorocarbons unless allowed, never lets them win, and cautions when allowed', () => {
    const legacy = plainWax(-10, -4, { id: 'legacy', additives: ['fluorocarbon'] });
    const forbidden = pick(calm, outing, [...ladder, legacy]);
    const last = forbidden.ranking.at(-1)!;
    expect(last).toMatchObject({ id: 'legacy', excluded: true, probabilityBest: 0 });
    expect(last.reasons[0]).toEqual({ code: 'fluorocarbon_excluded' });
    const allowed = pick(calm, { ...outing, fluorocarbonsAllowed: true }, [...ladder, legacy]);
    expect(allowed.ranking.some((one) => one.excluded)).toBe(false);
    expect(allowed.cautions).toContainEqual({ code: 'legacy_fluorocarbons', gravity: 'danger' });
    expect(codes(pick(calm, outing, [legacy]).cautions)).toContain('all_excluded');
  });

  it('says when wet snow is too cold to be wet, and when nothing on the shelf suits', () => {
    const odd = pick({ ...calm, temperatureC: -10, wetness: 'wet' }, outing, ladder);
    expect(codes(odd.cautions)).toContain('wet_snow_below_zero');
    const none = pick({ ...calm, temperatureC: -20 }, outing, [plainWax(-4, 0)]);
    expect(none.cautions[0]).toMatchObject({ code: 'nothing_fits', gravity: 'caution' });
  });

  it('refuses an empty shelf by name', () => {
    expect(() => pick(calm, outing, [])).toThrow(/empty_shelf/);
  });
});
