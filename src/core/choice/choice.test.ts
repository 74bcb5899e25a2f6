import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Application, Form } from '../terms';
import { FLAT_SITE, SKATE_PAIR } from '../../../tests/unit/fixtures';
import { suggestProgrammes, type PlannedLayer } from '../bench';
import { outlook } from '../snow/outlook';
import type { BaseState } from '../terms';
import { ledger, type GlideProduct, type SnowConditions } from '../wax';
import {
  casesByAir,
  casesFromMembers,
  casesFromReading,
  choose,
  demandsOf,
  estimatedHours,
  formAdvice,
  METHOD_GROUPS,
  methodsInForce,
  NO_NUDGE,
  windowTimes,
  type RoledProduct,
  type SnowCases,
} from '.';
import { spectrumLoss, spectrumOf } from './spectrum';
import { courseLosses, expectedLoss } from './losses';
import { structureWork } from './structure-work';

const own = { venueC: 0, handC: 0 };
const race = { discipline: 'skate', purpose: 'race', distanceKm: 10 } as const;
const dry: SnowConditions = {
  temperatureC: -8,
  temperatureSdC: 1,
  humidityFraction: 0.6,
  airTemperatureC: -3,
  origin: 'natural',
  sharpness: 0.35,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const wax = (
  name: string,
  labelLowC: number,
  labelHighC: number,
  more: Partial<RoledProduct> = {},
): RoledProduct => ({
  id: name,
  name,
  labelLowC,
  labelHighC,
  additives: [],
  form: 'block',
  role: 'glide',
  ...more,
});
/** Labels of equal width side by side. */
const ladder = (widthK: number, stepK: number) =>
  Array.from({ length: 16 }, (_, i) => wax(`rung ${i}`, -26 + i * stepK, -26 + i * stepK + widthK));
const LADDER = ladder(6, 2);
const ask = (cases: SnowCases, products: readonly RoledProduct[] = LADDER) =>
  choose({ cases, outing: race, own, products, shelf: products });
const bestOf = (products: readonly GlideProduct[], id: string) =>
  products.find((one) => one.id === id)!;

/** Even members about a temperature, of one place and time. */
function evenCases(meanC: number, sdK: number, sharpness: number): SnowCases {
  const reading = casesFromReading({ ...dry, temperatureC: -20, sharpness });
  const spread = reading.temperatureC.map((t) => t + 20);
  return { ...reading, temperatureC: spread.map((t) => meanC + t * sdK) };
}

describe('cases of one reading', () => {
  it('ask for the same as the ledger and the additives do, for any snow', () => {
    fc.assert(
      fc.property(
        fc.record({
          temperatureC: fc.double({ min: -25, max: -0.5, noNaN: true }),
          humidityFraction: fc.double({ min: 0, max: 1, noNaN: true }),
          sharpness: fc.double({ min: 0, max: 1, noNaN: true }),
          wetness: fc.constantFrom('dry', 'moist', 'wet', 'very_wet', 'soaked'),
          origin: fc.constantFrom('natural', 'mixed', 'machine_made'),
          glazed: fc.boolean(),
        }),
        (some) => {
          const snow = { ...dry, ...some, temperatureSdC: 0.1 } as SnowConditions;
          const cases = casesFromReading(snow);
          const middle = cases.members >> 1;
          const { equivalentC } = demandsOf(cases, { outing: race, own });
          const plain = ledger(snow, race, own);
          const offset = cases.temperatureC[middle]! - snow.temperatureC;
          expect(equivalentC[middle]).toBeCloseTo(plain.equivalentTemperatureC + offset, 4);
        },
      ),
    );
  });
});

describe('cases by the air', () => {
  it('are as warm as the air, never above 0 °C', () => {
    const at = (airTemperatureC: number) =>
      new Set(casesByAir(casesFromReading({ ...dry, airTemperatureC })).temperatureC);
    expect([...at(-2.5)]).toEqual([-2.5]);
    expect([...at(4)]).toEqual([0]);
  });
});

describe('the robust choice', () => {
  it('never gets softer as the uncertainty widens, on labels of equal width', () => {
    const softness = (id: string) => bestOf(LADDER, id).labelLowC;
    fc.assert(
      fc.property(
        fc.double({ min: -18, max: -6, noNaN: true }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        fc.double({ min: 1.01, max: 2, noNaN: true }),
        (meanC, sdK, wider) => {
          const narrow = ask(evenCases(meanC, sdK, 0.35)).ranking[0]!;
          const wide = ask(evenCases(meanC, sdK * wider, 0.35)).ranking[0]!;
          expect(softness(wide.id)).toBeLessThanOrEqual(softness(narrow.id));
        },
      ),
    );
  });

  it('gets no harder as the snow warms, dulls or wets', () => {
    const middle = (cases: SnowCases) => bestOf(LADDER, ask(cases).ranking[0]!.id).labelLowC;
    fc.assert(
      fc.property(
        fc.double({ min: -18, max: -4, noNaN: true }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (meanC, sharpness, warmerK) => {
          const base = middle(evenCases(meanC, 1, sharpness));
          expect(middle(evenCases(meanC + warmerK, 1, sharpness))).toBeGreaterThanOrEqual(base);
          expect(middle(evenCases(meanC, 1, sharpness + 0.1))).toBeLessThanOrEqual(base);
        },
      ),
    );
    const wet = casesFromReading({ ...dry, temperatureC: -0.5 });
    const steps = [0, 1, 2, 3, 4].map((wetnessSteps) => {
      const asked = { cases: wet, outing: race, own, products: LADDER, shelf: LADDER };
      const best = choose({ ...asked, nudge: { ...NO_NUDGE, wetnessSteps } }).ranking[0]!;
      return bestOf(LADDER, best.id).labelLowC;
    });
    expect([...steps].sort((a, b) => a - b)).toEqual(steps);
  });

  it('does not care for the order of the shelf, nor for a worse product on it', () => {
    const cases = casesFromReading(dry);
    const before = ask(cases);
    const shuffled = [...LADDER].reverse();
    expect(ask(cases, shuffled).ranking).toEqual(before.ranking);
    const worse = wax('worse', -40, -34);
    expect(ask(cases, [...LADDER, worse]).ranking[0]!.id).toBe(before.ranking[0]!.id);
  });

  it('knows what perfect knowledge would save, and what going by the air costs', () => {
    const result = ask(casesFromReading({ ...dry, temperatureSdC: 2.5 }));
    expect(result.regretPercent).toBeGreaterThan(0);
    expect(result.byAir!.costPercent).toBeGreaterThan(0.2);
    expect(bestOf(LADDER, result.byAir!.id).labelLowC).toBeGreaterThan(
      bestOf(LADDER, result.ranking[0]!.id).labelLowC,
    );
    const sure = ask(casesFromReading({ ...dry, temperatureSdC: 0.1 }));
    expect(sure.regretPercent).toBeLessThan(result.regretPercent);
  });

  it('shows what each way of being wrong costs: nothing less than the best of that world', () => {
    const { regret } = ask(casesFromReading(dry));
    expect(regret).toHaveLength(5);
    expect(regret[0]!.regretPercent.likely).toBeCloseTo(0, 6);
    for (const row of regret) {
      expect(Math.min(...Object.values(row.regretPercent))).toBeGreaterThanOrEqual(-1e-9);
    }
    expect(regret[0]!.regretPercent.colder).toBeGreaterThan(0);
  });

  it('excludes legacy products, and says so when nothing is left', () => {
    const legacy = wax('old', -11, -5, { additives: ['fluorocarbon'] });
    const result = ask(casesFromReading(dry), [legacy]);
    expect(result.ranking[0]).toMatchObject({ excluded: true, probabilityBest: 0 });
    expect(result.layerPlan.layers).toEqual([]);
    expect(result.byAir).toBeUndefined();
    expect(result.cautions).toContainEqual({ code: 'all_excluded', gravity: 'danger' });
  });

  it('gives a blend of neighbours only when it beats the whole shelf', () => {
    const two = [wax('hard', -12, -8), wax('soft', -8, -4)];
    const between = ask(casesFromReading({ ...dry, temperatureC: -7.7, temperatureSdC: 0.3 }), two);
    expect(between.blend).toMatchObject({ hard: { id: 'hard' }, soft: { id: 'soft' } });
    expect(between.blend!.expectedLossPercent).toBeLessThan(
      between.ranking[0]!.expectedLossPercent,
    );
    const third = [...two, wax('right', -10, -6)];
    const fit = casesFromReading({ ...dry, temperatureC: -7.7, temperatureSdC: 0.3 });
    expect(ask(fit, third).blend).toBeUndefined();
  });
});

describe('an ensemble of a course', () => {
  const HOUR = 3_600_000;
  const START = Date.parse('2027-01-16T08:00:00Z');
  const times = windowTimes(START + 12 * HOUR, 2.5);
  const made = outlook({
    site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
    surface: { kind: 'groomed' },
    weather: Array.from({ length: 20 }, (_, h) => ({
      timeMs: START + h * HOUR,
      airTemperatureC: -6 - h / 3,
      humidityFraction: 0.7,
      windMPerS: 2,
      cloudFraction: 0.2,
    })),
    members: 60,
    memberTimesMs: times,
  });

  it('gives equally likely members that agree with the bands', () => {
    const { members, contactTemperatureC, timesMs } = made;
    expect(members).toHaveLength(6);
    const row = timesMs.indexOf(members![0]!.timeMs);
    const middle = members![0]!.temperatureC[30]!;
    expect(Math.abs(middle - contactTemperatureC.p50[row]!)).toBeLessThan(0.3);
    expect([...members![0]!.temperatureC].sort((a, b) => a - b)).toEqual([
      ...members![0]!.temperatureC,
    ]);
  });

  it('weighs segments by length, and says when each start wants its own', () => {
    const place = (name: string, share: number, shiftK: number) => ({
      segment: { name, share, origin: 'natural' as const },
      atTimes: made.members!.map((one, t) => ({
        ...one,
        temperatureC: one.temperatureC.map((c) => c + shiftK + 3 - 1.5 * t),
      })),
      airTemperatureC: times.map(() => -8),
    });
    const low = casesFromMembers(times, [place('low', 1, 0)], 'clean');
    const both = casesFromMembers(times, [place('low', 0.5, 0), place('high', 0.5, -4)], 'clean');
    expect(ask(both).equivalentTemperatureC).toBeCloseTo(ask(low).equivalentTemperatureC - 2, 1);
    const { window } = ask(low);
    expect(window!.byTime).toHaveLength(6);
    expect(window!.oneForAllCostPercent).toBeGreaterThan(0.15);
    expect(window!.ownPays).toBe(true);
  });

  it('loses nothing in a spectrum that the cases hold', () => {
    const cases = casesFromReading({ ...dry, temperatureSdC: 3 });
    const demands = demandsOf(cases, { outing: race, own });
    const spectrum = spectrumOf(cases, demands);
    for (const one of LADDER) {
      const whole = expectedLoss(courseLosses(cases, demands, one), cases.memberWeights, 0);
      expect(spectrumLoss(spectrum, one)).toBeCloseTo(whole, 3);
    }
  });
});

describe('the hours on snow', () => {
  it('follow distance and kind, and spread up to six times over them', () => {
    expect(estimatedHours({ discipline: 'classic', purpose: 'touring', distanceKm: 44 })).toBe(4);
    expect(estimatedHours({ discipline: 'alpine', purpose: 'race', distanceKm: 1 })).toBe(2);
    expect(windowTimes(0, 0)).toEqual([0]);
    expect(windowTimes(0, 10)).toHaveLength(6);
    expect(windowTimes(0, 10).at(-1)).toBe(36_000_000);
    expect(() => windowTimes(0, 25)).toThrow();
  });
});

describe('layers', () => {
  const shelf = [
    wax('day', -9, -4),
    wax('hard', -15, -9),
    wax('edge powder', -25, -10, { role: 'hardener', form: 'powder' }),
    wax('roller', -12, -2, { role: 'top', form: 'roller_block' }),
    wax('fluid', -12, -2, { role: 'top', form: 'liquid' }),
    wax('banned', -12, -2, { role: 'top', form: 'roller_block', additives: ['fluorocarbon'] }),
  ];
  const plan = (snow: Partial<SnowConditions>, outing: Partial<typeof race> = {}) =>
    choose({
      cases: casesFromReading({ ...dry, temperatureC: -6, ...snow }),
      outing: { ...race, ...outing },
      own,
      products: [shelf[0]!],
      shelf,
    }).layerPlan;

  it('end with a roller block on old snow and a liquid on new, for a race only', () => {
    expect(plan({ sharpness: 0.2 }).layers.at(-1)).toMatchObject({ place: 'top', id: 'roller' });
    expect(plan({ sharpness: 0.6 }).layers.at(-1)).toMatchObject({ place: 'top', id: 'fluid' });
    const training = plan({}, { purpose: 'training' as 'race' });
    expect(training.layers.map((one) => one.place)).toEqual(['glide']);
  });

  it('leave out a top whose label lies beyond the day by more than its margin, on either side', () => {
    const at = (temperatureC: number, more: Partial<SnowConditions> = {}) =>
      plan({ temperatureC, sharpness: 0.6, ...more }).layers.some(({ place }) => place === 'top');
    // The label of both tops is −12 to −2 °C.
    expect(at(-6)).toBe(true);
    expect(at(-30)).toBe(false);
    expect(at(0, { wetness: 'wet', sharpness: 0.1 })).toBe(false);
  });

  it('put something harder beneath on cold snow, and on sharp snow, each alone', () => {
    const under = (snow: Partial<SnowConditions>) =>
      plan(snow, { distanceKm: 5 as 10 }).layers.find(({ place }) => place === 'under')?.reason
        .code;
    expect(under({ temperatureC: -14, sharpness: 0.1 })).toBe('under_sharp');
    expect(under({ temperatureC: -6, sharpness: 0.95 })).toBe('under_sharp');
    expect(under({ temperatureC: -6, sharpness: 0.1 })).toBeUndefined();
  });

  it('feed the base first: where nothing harder is asked for, and always when it is dry, new or burnt', () => {
    const soft = wax('soft base', -6, 4, { role: 'base' });
    const places = (
      snow: Partial<SnowConditions>,
      purpose: 'race' | 'training',
      baseState: BaseState = 'in_use',
      isOnShelf = true,
    ) =>
      choose({
        cases: casesFromReading({ ...dry, temperatureC: -6, ...snow }),
        outing: { ...race, purpose },
        own,
        products: [shelf[0]!],
        shelf: isOnShelf ? [...shelf, soft] : shelf,
        baseState,
      }).layerPlan;
    const order = (plan: ReturnType<typeof places>) => plan.layers.map((one) => one.place);
    expect(order(places({}, 'training'))).toEqual(['conditioning', 'glide']);
    expect(order(places({ origin: 'machine_made' }, 'training'))).not.toContain('conditioning');
    expect(order(places({}, 'race'))).not.toContain('conditioning');
    expect(places({}, 'race', 'new').layers[0]).toMatchObject({ id: 'soft base', coats: 2 });
    expect(order(places({}, 'race', 'dry'))[0]).toBe('conditioning');
    expect(places({}, 'race', 'dry', false).missing).toContainEqual({ code: 'no_conditioner' });
    const burnt = places({}, 'race', 'burnt');
    expect(order(burnt).slice(0, 2)).toEqual(['conditioning', 'edges']);
    expect(burnt.layers[1]).toMatchObject({ id: 'edge powder' });
    expect(burnt.layers[1]!.reason.code).toBe('edges_burnt');
  });

  it('put something harder beneath where it has to last, and a hardener on the edges', () => {
    const hard = plan({ origin: 'machine_made' });
    expect(hard.layers.map((one) => one.place)).toEqual(['edges', 'under', 'glide', 'top']);
    expect(hard.layers[1]).toMatchObject({ id: 'hard' });
    expect(plan({}, { distanceKm: 42 as 10 }).layers[1]).toMatchObject({
      place: 'glide',
      coats: 3,
    });
    expect(plan({}, { distanceKm: 42 as 10 }).layers[0]!.reason).toEqual({
      code: 'under_long',
      distanceKm: 42,
    });
  });

  it('lie over a plain hard wax, never over graphite, repellent or an every-day label', () => {
    const unfit = [
      wax('black hard', -20, -12, { additives: ['graphite'] }),
      wax('repellent hard', -20, -12, { additives: ['water_repellent'] }),
      wax('every day', -24, -2),
      wax('hard fluid', -20, -12, { form: 'liquid' }),
    ];
    const under = (shelf: ReturnType<typeof wax>[]) =>
      choose({
        cases: casesFromReading({ ...dry, temperatureC: -6, origin: 'machine_made' }),
        outing: race,
        own,
        products: [wax('day', -9, -3)],
        shelf: [wax('day', -9, -3), ...shelf],
      }).layerPlan.layers.find((one) => one.place === 'under')?.id;
    expect(under(unfit)).toBeUndefined();
    expect(under([...unfit, wax('plain hard', -20, -12)])).toBe('plain hard');
  });

  it('last from the same distance on as the liquid that is ironed in: 20 km, not a metre more', () => {
    const liquid: PlannedLayer['product'] = {
      id: 'fluid',
      name: 'Fluid',
      role: 'glide',
      form: 'liquid',
      additives: [],
      applications: ['wipe', 'iron'],
    };
    const programmes = (distanceKm: number) =>
      suggestProgrammes({
        ski: SKATE_PAIR,
        findings: [],
        layers: [{ place: 'glide', product: liquid, coats: 1 }],
        isVentilated: true,
        hasIron: true,
        isFreshGrind: false,
        isSeasonOver: false,
        distanceKm,
      }).map((one) => one.key);
    const places = (distanceKm: number) =>
      plan({}, { distanceKm: distanceKm as 10 }).layers.map((one) => one.place);
    expect(places(20)).toContain('under');
    expect(programmes(20)).toContain('liquid_ironed');
    expect(places(19.9)).not.toContain('under');
    expect(programmes(19.9)).toContain('liquid');
  });

  it('are built about the product that is taken, where one overrules the best', () => {
    const cases = casesFromReading({ ...dry, temperatureC: -4, origin: 'machine_made' });
    const products = [wax('day', -9, -4), wax('frost', -14, -8)];
    const all = [...products, wax('hardest', -24, -16)];
    const asked = { cases, outing: race, own, products, shelf: all };
    const place = (takenId: string | undefined, which: string) =>
      choose({ ...asked, takenId }).layerPlan.layers.find((one) => one.place === which)?.id;
    expect(place(undefined, 'glide')).toBe('day');
    expect(place('frost', 'glide')).toBe('frost');
    expect(place(undefined, 'under')).toBe('frost');
    expect(place('frost', 'under')).toBe('hardest');
  });

  it('say what is missing', () => {
    const bare = choose({
      cases: casesFromReading({ ...dry, origin: 'machine_made' }),
      outing: race,
      own,
      products: [shelf[0]!],
      shelf: [shelf[0]!],
    }).layerPlan;
    expect(bare.missing).toHaveLength(3);
  });
});

describe('form, structure and method', () => {
  const bench = {
    hoursLeft: 12,
    ventilated: true,
    tools: ['ski_iron'],
    baseType: 'sintered',
  } as const;
  it('follow time, air, tools and hardness', () => {
    expect(formAdvice(bench, race, { hardness: 40 }).form).toBe('block');
    expect(formAdvice(bench, race, { hardness: 70 }).form).toBe('powder');
    expect(formAdvice({ ...bench, hoursLeft: 0.5 }, race, { hardness: 40 }).form).toBe('liquid');
    expect(formAdvice({ ...bench, tools: [] }, race, { hardness: 40 }).form).toBe('liquid');
    const closed = formAdvice({ ...bench, ventilated: false }, race, { hardness: 40 });
    expect(closed.how.code).toBe('rub_and_cork');
    const extruded = { ...bench, baseType: 'extruded' } as const;
    expect(formAdvice(extruded, { ...race, purpose: 'recreation' }, { hardness: 40 }).form).toBe(
      'liquid',
    );
  });

  it('name the form that the wax has, and how it goes on as it is', () => {
    const of = (form: Form, more: object = {}, applications?: readonly Application[]) =>
      formAdvice({ ...bench, ...more }, race, { hardness: 70, product: { form, applications } });
    expect(of('block')).toMatchObject({ form: 'block', how: { code: 'block_and_iron' } });
    expect(of('powder')).toMatchObject({ form: 'powder', how: { code: 'powder_and_iron' } });
    expect(of('block', {}, ['cork'])).toMatchObject({ how: { code: 'rub_and_cork' } });
    expect(of('liquid')).toMatchObject({
      form: 'liquid',
      how: { code: 'liquid_cold' },
      reasons: [{ code: 'only_form' }],
    });
    expect(of('liquid', { ventilated: false }).reasons).toContainEqual({ code: 'liquid_outside' });
    expect(of('block', { hoursLeft: 0.5 })).toMatchObject({
      form: 'block',
      how: { code: 'rub_and_cork' },
    });
    expect(of('roller_block').how.code).toBe('rub_and_cork');
  });

  it('press rills only where water runs and no grind does it already', () => {
    const rills = { widthMm: 2, kind: 'pressed_rills' } as const;
    expect(structureWork(rills, { temperatureC: 0 })).toMatchObject({ rillPasses: 2 });
    expect(structureWork(rills, { temperatureC: 0 }, 1.9)).toMatchObject({ rillPasses: 0 });
    const fine = { widthMm: 0.25, kind: 'fine' } as const;
    expect(structureWork(fine, { temperatureC: -18 })).toMatchObject({ brush: 'brass' });
    expect(structureWork(fine, { temperatureC: -12 }, 1.5).how.code).toBe('grind_too_coarse');
  });

  it('keep every school, with the team’s own in force where it is a known one', () => {
    for (const group of METHOD_GROUPS) {
      expect(group.options).toContain(group.standard);
      expect(group.options.length).toBeGreaterThan(1);
    }
    const force = methodsInForce({ drive: 'rotary', cooling: 'no such' });
    expect(force.drive).toBe('rotary');
    expect(force.cooling).toBe('to_room');
  });
});
