import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DAY_TIMES, DISCIPLINES, GRAINS, PURPOSES, SKIES, WETNESSES } from '../terms';
import { GLIDE_KINDS, quickAnswer, quickJob, rankOwn, USUAL_INPUT, type QuickInput } from '.';

const NAMES = { wax: 'the wax', grip: 'the grip wax', binder: 'binder' };
const at = (more: Partial<QuickInput> = {}) => quickAnswer({ ...USUAL_INPUT, ...more });
const own = (lowC: number, highC: number) => ({
  id: `${lowC}`,
  name: `${lowC}`,
  labelLowC: lowC,
  labelHighC: highC,
  additives: [],
  form: 'block' as const,
});

const anyInput: fc.Arbitrary<QuickInput> = fc.record({
  by: fc.constantFrom('snow', 'air'),
  snowC: fc.integer({ min: -30, max: 0 }),
  airC: fc.integer({ min: -30, max: 15 }),
  sky: fc.constantFrom(...SKIES),
  dayTime: fc.constantFrom(...DAY_TIMES),
  humidityFraction: fc.constantFrom(0.2, 0.4, 0.65, 0.9, 1),
  grain: fc.constantFrom(...GRAINS),
  wetness: fc.constantFrom(...WETNESSES),
  discipline: fc.constantFrom(...DISCIPLINES),
  purpose: fc.constantFrom(...PURPOSES),
});

describe('the quick answer', () => {
  it('looks for a label about what the snow asks for, and the harder the colder', () => {
    const mild = at({ snowC: -3 });
    const cold = at({ snowC: -15 });
    expect(cold.label.highC).toBeLessThan(mild.label.lowC);
    expect(cold.label.hardness).toBeGreaterThan(mild.label.hardness + 20);
    expect(cold.label.ironC).toBeGreaterThan(mild.label.ironC);
    const middle = 0.5 * (mild.label.lowC + mild.label.highC);
    expect(Math.abs(middle - mild.demand.equivalentTemperatureC)).toBeLessThan(2);
  });

  it('is wider and less sure by the air alone, and says why', () => {
    const measured = at({ snowC: -6 });
    const guessed = at({ by: 'air', airC: -3, sky: 'clear', dayTime: 'dusk' });
    expect(guessed.demand.equivalentSdC).toBeGreaterThan(measured.demand.equivalentSdC);
    expect(guessed.label.probabilityBest).toBeLessThan(measured.label.probabilityBest);
    expect(guessed.guess).toMatchObject({ code: 'guessed', sky: 'clear' });
    expect(measured.guess).toBeUndefined();
  });

  it('asks for additives by the snow, and names grip for classic alone', () => {
    expect(at({ grain: 'MM' }).additives).toEqual(['dry_lubricant']);
    expect(at({ wetness: 'wet', snowC: 0, grain: 'MF' }).additives).toEqual(['water_repellent']);
    expect(at().grip).toBeUndefined();
    expect(at({ discipline: 'classic', snowC: -10 }).grip).toMatchObject({
      kind: 'stick',
      key: 'stick_cold',
    });
    const wet = at({ discipline: 'classic', snowC: 0, grain: 'MF', wetness: 'wet' });
    expect(wet.grip?.kind).toBe('klister');
  });

  it('answers whatever is tapped: a label in order, costs that are none less than nothing, ten stages', () => {
    fc.assert(
      fc.property(anyInput, (input) => {
        const answer = quickAnswer(input);
        const { label } = answer;
        expect(label.highC - label.lowC).toBeCloseTo(6, 9);
        expect(label.softerSeconds).toBeGreaterThanOrEqual(0);
        expect(label.harderSeconds).toBeGreaterThanOrEqual(0);
        expect(label.probabilityBest).toBeGreaterThan(0.1);
        expect(answer.grip === undefined).toBe(input.discipline !== 'classic');
        const stages = quickJob(answer, input.discipline, NAMES);
        expect(stages.length).toBeLessThanOrEqual(10);
        const kinds = stages.flat().map((step) => step.kind);
        expect(kinds).toContain('iron');
        expect(kinds.at(-1)).toBe('check');
      }),
      { numRuns: 150 },
    );
  });

  it('leaves no step of the sheet out of its stages', () => {
    const answer = at({ discipline: 'classic', snowC: -8 });
    const keys = quickJob(answer, 'classic', NAMES)
      .flat()
      .map((step) => step.key);
    expect(keys).toContain('grip.zone');
    expect(keys).toContain('grip.stick.on');
    expect(keys).toContain('grip.cool');
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('ranks one’s own blocks, the fitting one first', () => {
    const blocks = Object.values(GLIDE_KINDS).map(({ lowC, highC }) => own(lowC, highC));
    expect(rankOwn({ ...USUAL_INPUT, snowC: -18 }, blocks).ranking[0]!.id).toBe('-22');
    expect(rankOwn({ ...USUAL_INPUT, snowC: 0, wetness: 'wet' }, blocks).ranking[0]!.id).toBe('0');
    expect(() => rankOwn(USUAL_INPUT, [])).toThrow(/empty_shelf/);
  });
});
