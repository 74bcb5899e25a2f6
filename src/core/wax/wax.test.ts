import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import reference from '../../../tests/reference/ledger.json';
import { CALM_SNOW } from '../../../tests/unit/fixtures';
import { DomainError } from '../errors';
import { WETNESSES, type Wetness } from '../terms';
import {
  glideLossPercent,
  hardness,
  labelHardness,
  labelShape,
  ledger,
  type OutingFacts,
  type SnowConditions,
} from '.';
import { snowTemperaturePoints } from './quadrature';

const calm = CALM_SNOW;

const temperature = fc.double({ min: -24, max: -2, noNaN: true });

const outing: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'training' };
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
    expect(lines[1]!.reason).toEqual({ code: 'grain_not_given' });
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
});
