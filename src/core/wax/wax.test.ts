import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import reference from '../../../tests/reference/ledger.json';
import { CALM_SNOW } from '../../../tests/unit/fixtures';
import { contradictionsOf } from './contradictions';
import { DomainError } from '../errors';
import { WETNESSES } from '../terms';
import {
  glideLossPercent,
  hardness,
  labelHardness,
  labelShape,
  ledger,
  type OutingFacts,
  type OwnCorrection,
  type SnowConditions,
} from '.';
import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import { snowTemperaturePoints } from './quadrature';

const calm = CALM_SNOW;

const temperature = fc.double({ min: -24, max: -2, noNaN: true });

const outing: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'training' };
const fraction = fc.double({ min: 0, max: 1, noNaN: true });

describe('the ledger', () => {
  it.each(reference.cases)('gives the reference lines, sum and spread for $inputs', (row) => {
    const input = row.inputs as Record<string, number | undefined>;
    const result = ledger(
      {
        ...calm,
        temperatureC: input.T!,
        sharpness: input.sh!,
        humidityFraction: input.rh!,
        origin: input.made === 1 ? 'machine_made' : input.made === 0.5 ? 'mixed' : 'natural',
        waterPercent: input.th ?? 0,
        glazed: input.hard !== undefined,
      },
      { ...outing, distanceKm: input.km ?? 10 },
    );
    const lines = Object.fromEntries(result.lines.map((line) => [line.key, line.valueC]));
    for (const [key, value] of Object.entries(row.lines)) expect(lines[key]).toBeCloseTo(value, 10);
    expect(result.equivalentTemperatureC).toBeCloseTo(row.T_eq, 10);
    expect(result.modelSdC).toBeCloseTo(row.model_sd, 10);
    expect(hardness(result.equivalentTemperatureC)).toBeCloseTo(row.hardness, 9);
  });

  it('has eight lines in one order, whose sum is the equivalent temperature', () => {
    const own = ledger(calm, outing, { venueC: -0.5, handC: 1 });
    expect(own.lines.map(({ key }) => key)).toEqual([
      'temperature',
      'sharpness',
      'humidity',
      'abrasion',
      'wetness',
      'dry_cap',
      'distance',
      'own',
    ]);
    expect(own.lines.at(-1)).toMatchObject({ valueC: 0.5, reason: { venueC: -0.5, handC: 1 } });
    expect(own.equivalentTemperatureC).toBeCloseTo(-7.5, 12);
    expect(own.lines.reduce((sum, line) => sum + line.valueC, 0)).toBeCloseTo(-7.5, 12);
  });

  it('says of each line why it is what it is', () => {
    const why = (change: Partial<SnowConditions>, key: string, at?: OwnCorrection) =>
      ledger({ ...calm, ...change }, outing, at).lines.find((line) => line.key === key)!.reason
        .code;
    expect(why({ sharpness: 0.95 }, 'sharpness')).toBe('grain_sharp');
    expect(why({ sharpness: 0.02 }, 'sharpness')).toBe('grain_rounded');
    expect(why({ sharpness: SETTLED_SHARPNESS }, 'sharpness')).toBe('grain_settled');
    expect(why({}, 'own', { venueC: 0, handC: 0 })).toBe('own_none');
    expect(why({}, 'own', { venueC: 0, handC: 1 })).toBe('own');
    expect(why({}, 'own', { venueC: -1, handC: 0 })).toBe('own');
    expect(why({ origin: 'natural' }, 'abrasion')).toBe('origin');
    expect(why({ origin: 'machine_made' }, 'abrasion')).toBe('origin');
    expect(why({ glazed: true }, 'abrasion')).toBe('hard_track');
    // Soaked, made or glazed snow grinds no longer; natural snow never did.
    const soaked = { temperatureC: 0, wetness: 'soaked', waterPercent: 20 } as const;
    expect(why({ ...soaked, origin: 'machine_made' }, 'abrasion')).toBe('abrasion_idle');
    expect(why({ ...soaked, origin: 'natural' }, 'abrasion')).toBe('origin');
  });

  it('counts blocks and crusts as settled to the grain: naming them never asks for a softer wax', () => {
    const at = (change: Partial<SnowConditions>) =>
      ledger({ ...calm, sharpness: undefined, ...change }, outing).equivalentTemperatureC;
    const unseen = at({});
    expect(ledger({ ...calm, sharpness: undefined }, outing).lines[1]!.reason).toEqual({
      code: 'grain_not_given',
    });
    expect(at({ grain: 'MM', origin: 'machine_made' })).toBeLessThanOrEqual(
      at({ origin: 'machine_made' }),
    );
    expect(at({ grain: 'refrozen_crust' })).toBeLessThanOrEqual(unseen);
  });

  it('never falls as it warms or gets wetter, never rises with sharpness, and jumps nowhere', () => {
    const whole = fc.record({
      temperatureC: fc.double({ min: -30, max: 0, noNaN: true }),
      sharpness: fraction,
      humidityFraction: fraction,
      waterPercent: fc.double({ min: 0, max: 20, noNaN: true }),
      origin: fc.constantFrom('natural' as const, 'mixed' as const, 'machine_made' as const),
      glazed: fc.boolean(),
    });
    fc.assert(
      fc.property(whole, (snow) => {
        const at = (change: Partial<SnowConditions>) =>
          ledger({ ...calm, ...snow, ...change }, outing).equivalentTemperatureC;
        const here = at({});
        expect(at({ temperatureC: snow.temperatureC * 0.9 })).toBeGreaterThanOrEqual(here - 1e-9);
        expect(at({ sharpness: snow.sharpness / 2 })).toBeGreaterThanOrEqual(here - 1e-9);
        const step = 1e-6;
        expect(Math.abs(at({ waterPercent: snow.waterPercent + step }) - here)).toBeLessThan(1e-3);
        expect(
          Math.abs(at({ humidityFraction: snow.humidityFraction * (1 - step) }) - here),
        ).toBeLessThan(1e-3);
      }),
    );
  });

  it('asks of wet snow never for a harder wax than of dry, class by class', () => {
    fc.assert(
      fc.property(temperature, fraction, fraction, (temperatureC, sharpness, humidityFraction) => {
        const classes = WETNESSES.map(
          (wetness) =>
            ledger({ ...calm, temperatureC, sharpness, humidityFraction, wetness }, outing)
              .equivalentTemperatureC,
        );
        expect([...classes].sort((a, b) => a - b)).toEqual(classes);
      }),
    );
  });

  it('takes wet snow as 0 °C whatever the probe says, and says so', () => {
    const [line] = ledger({ ...calm, temperatureC: -6, wetness: 'wet' }, outing).lines;
    expect(line).toEqual({ key: 'temperature', valueC: 0, reason: { code: 'wet_snow_at_zero' } });
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
});

describe('contradictions', () => {
  const seen = (more: object) =>
    contradictionsOf({ ...CALM_SNOW, ...more }).map(({ code }) => code);

  it('are found of whatever is known so far, and only where there is one', () => {
    expect(contradictionsOf({})).toEqual([]);
    expect(seen({})).toEqual([]);
    expect(seen({ wetness: 'moist', temperatureC: -4 })).toEqual(['wet_snow_below_zero']);
    expect(seen({ grain: 'MM', origin: 'natural' })).toEqual(['made_and_natural']);
    expect(seen({ grain: 'MM', origin: 'mixed' })).toEqual([]);
    expect(seen({ grain: 'refrozen_crust', wetness: 'wet', temperatureC: 0 })).toEqual([
      'crust_and_wet',
    ]);
    expect(seen({ glazed: true, wetness: 'soaked', temperatureC: 0 })).toEqual([
      'glazed_and_soaked',
    ]);
  });
});
