import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gravest } from '../finding';
import type { SnowConditions } from '../wax';
import {
  chooseGrip,
  COMPLAINTS,
  fitByRule,
  fitFromFeeler,
  fitFromGaps,
  troubleStep,
  type GripProduct,
  type Tried,
} from '.';

const codes = (findings: readonly { code: string }[]) => findings.map(({ code }) => code);

const snow: SnowConditions = {
  temperatureC: -6,
  temperatureSdC: 0.5,
  humidityFraction: 0.65,
  origin: 'natural',
  sharpness: 0.3,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const tour = { distanceKm: 20, purpose: 'recreation' } as const;
const stick = (name: string, low: number, high: number): GripProduct => ({
  id: name,
  name,
  role: 'grip_stick',
  labelLowC: low,
  labelHighC: high,
  label2LowC: low - 3,
  label2HighC: high - 3,
});
const SHELF: GripProduct[] = [
  ...[-22, -18, -14, -10, -6, -2].map((low) => stick(`stick ${low}`, low, low + 4)),
  { id: 'ice', name: 'ice', role: 'klister', labelLowC: -14, labelHighC: -3 },
  { id: 'wet', name: 'wet', role: 'klister', labelLowC: -1, labelHighC: 9 },
  { id: 'bind', name: 'bind', role: 'binder', labelLowC: -30, labelHighC: 0 },
];

/** A pocket like a low arch: 1.2 mm high over 50 cm about 15 cm ahead of the heel. */
const arch = (heightMm: number, fullMm = 0) =>
  Array.from({ length: 11 }, (_, i) => {
    const positionCm = -15 + i * 7.5;
    const halfMm = Math.max(0, heightMm * (1 - ((positionCm - 22.5) / 37.5) ** 2));
    return { positionCm, halfMm, fullMm: Math.min(halfMm, fullMm) };
  });

describe('the pocket', () => {
  it('gives the zone where half weight leaves room, klister shorter than stick', () => {
    const fit = fitFromGaps(arch(1.2), 200);
    expect(fit.stiffness).toBe('right');
    expect(fit.pocketMm).toBeCloseTo(1.2, 1);
    expect(fit.zone.startCm).toBeGreaterThan(-15);
    expect(fit.zone.endCm).toBeLessThan(60);
    expect(fit.klisterZone!.endCm).toBeLessThan(fit.zone.endCm);
    expect(fit.klisterZone!.startCm).toBeGreaterThan(fit.zone.startCm);
    expect(fit.roomLayers).toBeGreaterThan(20);
  });

  it('says when the ski is too soft or too stiff for the skier', () => {
    expect(fitFromGaps(arch(0.22), 200).stiffness).toBe('too_soft');
    expect(fitFromGaps(arch(1.2, 0.5), 200).stiffness).toBe('too_stiff');
    expect(fitFromGaps(arch(1.2, 0.5), 200).notes[0]).toEqual({ code: 'pocket_too_stiff' });
  });

  it('is too stiff where most of the zone stays open at full weight, however little', () => {
    const flat = arch(1.2).map((one) => ({ ...one, fullMm: Math.min(one.halfMm, 0.29) }));
    expect(fitFromGaps(flat, 200).stiffness).toBe('too_stiff');
    const oneOpen = arch(1.2).map((one, i) => ({ ...one, fullMm: i === 5 ? 0.29 : 0 }));
    expect(fitFromGaps(oneOpen, 200).stiffness).toBe('right');
  });

  it('says where it touches inside the zone, and which end stays open', () => {
    const dipped = arch(1.2).map((one, i) => (i === 5 ? { ...one, halfMm: 0.02, fullMm: 0 } : one));
    expect(fitFromGaps(dipped, 200).notes).toContainEqual({ code: 'touches_inside', atCm: 22.5 });
    const cut = arch(1.2).slice(3);
    expect(fitFromGaps(cut, 200).notes).toContainEqual({ code: 'end_open', end: 'back' });
    expect(fitFromGaps(arch(1.2), 200).notes).toEqual([]);
  });

  it('leaves no zone longer than the ski allows, by the simple rule neither', () => {
    expect(() => fitByRule(40, 150)).toThrow(/zone_too_long/);
    expect(() => fitFromFeeler(-90, 20, 195)).toThrow(/zone_too_long/);
  });

  it('says where full weight closes it, and which load closes it all over', () => {
    const closed = fitFromGaps(arch(1.2), 200);
    expect(closed.closedAtFull).toEqual([{ startCm: -15, endCm: 60 }]);
    expect(closed.closingShare).toBeCloseTo(0.5 + (0.5 * 1.15) / 1.2, 2);
    const open = fitFromGaps(arch(1.2, 0.2), 200);
    expect(open.closedAtFull).toHaveLength(2);
    // The arch is 0.05 mm high at 0.05/0.2 of the way to its first place that is open.
    expect(open.closedAtFull![0]!.endCm).toBeCloseTo(-15 + (7.5 * 0.05) / 0.2, 1);
    expect(open.closingShare).toBeGreaterThan(1);
    expect(fitByRule().closedAtFull).toBeUndefined();
  });

  it('reckons for another skier’s weight: heavier closes it, lighter leaves it open', () => {
    const measured = arch(1.2, 0.2);
    const like = (skierKg: number) => fitFromGaps(measured, 200, { skierKg, measuredKg: 70 });
    expect(like(70)).toEqual(fitFromGaps(measured, 200));
    expect(like(60).stiffness).toBe('too_stiff');
    expect(like(60).notes).toContainEqual({
      code: 'other_weight',
      measuredKg: 70,
      skierKg: 60,
    });
    expect(like(90).stiffness).toBe('right');
    const heavy = fitFromGaps(arch(1.2, 0.1), 200, { skierKg: 90, measuredKg: 70 });
    expect(fitFromGaps(arch(1.2, 0.1), 200).closedAtFull).toHaveLength(2);
    expect(heavy.closedAtFull).toEqual([{ startCm: -15, endCm: 60 }]);
    expect(like(90).pocketMm!).toBeLessThan(like(60).pocketMm!);
    // The load in kg that closes it is the ski's own, whoever skis on it.
    expect(like(60).closingShare! * 60).toBeCloseTo(like(90).closingShare! * 90, 6);
    expect(() => like(130)).toThrow(/weights_apart/);
  });

  it('refuses gaps that grow, too few, twice the same, no pocket, and a zone longer than the ski', () => {
    const grows = arch(1).map((one, i) => (i === 5 ? { ...one, fullMm: one.halfMm + 0.1 } : one));
    expect(() => fitFromGaps(grows, 200)).toThrow(/gap_grows/);
    expect(() => fitFromGaps(arch(1).slice(0, 2), 200)).toThrow(/too_few/);
    expect(() => fitFromGaps([...arch(1), arch(1)[3]!], 200)).toThrow(/twice/);
    expect(() => fitFromGaps(arch(0.1), 200)).toThrow(/no_pocket/);
    const long = arch(1).map((one) => ({ ...one, positionCm: one.positionCm * 3 }));
    expect(() => fitFromGaps(long, 190)).toThrow(/zone_too_long/);
  });

  it('does with a feeler or the simple rule, and says so', () => {
    expect(fitFromFeeler(-3, 48, 195)).toMatchObject({ basis: 'feeler', zone: { endCm: 48 } });
    expect(() => fitFromFeeler(48, -3, 195)).toThrow(/ends_swapped/);
    expect(() => fitFromFeeler(-3, 150, 195)).toThrow(/zone_too_long/);
    expect(fitByRule(28)).toMatchObject({ basis: 'rule', zone: { startCm: 0, endCm: 56 } });
  });
});

describe('the ladder of grip', () => {
  it('takes the stick whose label for this snow holds the temperature', () => {
    const old = chooseGrip(snow, { outing: tour, products: SHELF });
    expect(old).toMatchObject({ kind: 'stick', isNewSnow: false, layers: 3 });
    expect(old.ranking[0]!.id).toBe('stick -6');
    const fresh = chooseGrip({ ...snow, sharpness: 0.9 }, { outing: tour, products: SHELF });
    expect(fresh.isNewSnow).toBe(true);
    expect(fresh.ranking[0]!.id).toBe('stick -10');
  });

  it('takes of two that fit the one whose middle is nearer, and says of each where it leans', () => {
    const two = (temperatureC: number) =>
      chooseGrip(
        { ...snow, temperatureC, temperatureSdC: 0.3 },
        { outing: tour, products: [stick('low', -14, -6), stick('high', -10, -2)] },
      );
    const [cold, warm] = [two(-12.5), two(-9.5)];
    expect(cold.ranking[0]!.id).toBe('low');
    expect(warm.ranking[0]!.id).toBe('high');
    // Far below its label a wax slips; far above, it drags.
    const of = (temperatureC: number) =>
      chooseGrip({ ...snow, temperatureC }, { outing: tour, products: [stick('one', -10, -6)] })
        .ranking[0]!.reason.code;
    expect(of(-11)).toBe('in_its_range');
    expect(new Set([of(-19), of(-3)])).toEqual(new Set(['may_slip', 'may_drag']));
  });

  it('says whether the snow was made, with a correction only where it was', () => {
    const line = (origin: SnowConditions['origin']) =>
      chooseGrip({ ...snow, origin }, { outing: tour, products: SHELF }).lines.find(
        ({ key }) => key === 'machine_made',
      )!;
    expect(line('machine_made').valueC).toBeLessThan(0);
    expect(line('machine_made').reason.code).toBe('grip_machine_made');
    expect(line('natural')).toMatchObject({
      valueC: 0,
      reason: { code: 'grip_natural_or_wet' },
    });
  });

  it('turns to klister on wet coarse and refrozen snow, under a cover on wet new snow', () => {
    const wet = chooseGrip(
      { ...snow, temperatureC: 0, wetness: 'wet' },
      { outing: tour, products: SHELF },
    );
    expect(wet).toMatchObject({ kind: 'klister', needsBinder: true, binder: { id: 'bind' } });
    expect(wet.ranking[0]!.id).toBe('wet');
    const ice = chooseGrip(
      { ...snow, sharpness: undefined, grain: 'refrozen_crust' },
      { outing: tour, products: SHELF },
    );
    expect(ice).toMatchObject({ kind: 'klister' });
    expect(ice.ranking[0]!.id).toBe('ice');
    const fresh = { ...snow, temperatureC: 0, wetness: 'wet', sharpness: 0.8 } as const;
    const covered = chooseGrip(fresh, { outing: tour, products: SHELF });
    expect(covered.kind).toBe('klister_with_cover');
    // The cover is the stick of the day, not the first of the shelf.
    expect(covered.cover).toMatchObject({ id: 'stick -2' });
    expect(wet.cover).toBeUndefined();
  });

  it('leaves melt forms to klister, frozen, moist or wet, and rounded grains to a stick until they are wet', () => {
    const kind = (wetness: SnowConditions['wetness'], grain: SnowConditions['grain']) =>
      chooseGrip(
        { ...snow, sharpness: undefined, temperatureC: wetness === 'dry' ? -4 : 0, wetness, grain },
        { outing: tour, products: SHELF },
      ).kind;
    for (const wetness of ['dry', 'moist', 'wet', 'soaked'] as const) {
      expect(kind(wetness, 'MF')).toBe('klister');
    }
    expect(kind('dry', 'RG')).toBe('stick');
    expect(kind('moist', 'RG')).toBe('stick');
    expect(kind('wet', 'RG')).toBe('klister');
  });

  it('gets no harder as the snow warms, and knows slip from drag', () => {
    const low = (id: string) => SHELF.find((one) => one.id === id)!.labelLowC;
    fc.assert(
      fc.property(
        fc.double({ min: -18, max: -3, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        (temperatureC, warmerK) => {
          const cold = chooseGrip({ ...snow, temperatureC }, { outing: tour, products: SHELF })
            .ranking[0]!;
          const warm = chooseGrip(
            { ...snow, temperatureC: Math.min(0, temperatureC + warmerK) },
            { outing: tour, products: SHELF },
          ).ranking[0]!;
          expect(low(warm.id)).toBeGreaterThanOrEqual(low(cold.id));
        },
      ),
    );
    const { ranking } = chooseGrip(snow, { outing: tour, products: SHELF });
    expect(ranking.find((one) => one.id === 'stick -22')!.slipPercent).toBeGreaterThan(1);
    expect(ranking.find((one) => one.id === 'stick -2')!.dragPercent).toBeGreaterThan(0.3);
  });

  it('binds and layers by distance and wear', () => {
    const bound = chooseGrip(
      { ...snow, glazed: true, sharpness: 0.6 },
      { outing: { ...tour, distanceKm: 42 }, products: SHELF },
    );
    expect(bound.needsBinder).toBe(true);
    expect(bound.layers).toBeGreaterThan(3);
    expect(
      chooseGrip(snow, { outing: { ...tour, distanceKm: 5 }, products: SHELF }).binder,
    ).toBeUndefined();
    expect(bound.wearKm).toBeLessThan(chooseGrip(snow, { outing: tour, products: SHELF }).wearKm);
  });

  it('says what to carry when the snow crosses to another label', () => {
    expect(chooseGrip(snow, { outing: tour, products: SHELF, laterC: -5.5 }).carry).toBeUndefined();
    expect(chooseGrip(snow, { outing: tour, products: SHELF, laterC: -1 }).carry).toMatchObject({
      isWarming: true,
    });
    expect(chooseGrip(snow, { outing: tour, products: SHELF, laterC: -14 }).carry).toMatchObject({
      isWarming: false,
    });
  });

  it('minds an empty shelf, a missing kind, a missing binder and wet snow in the cold', () => {
    expect(() => chooseGrip(snow, { outing: tour, products: [] })).toThrow(/empty_shelf/);
    const sticks = SHELF.filter((one) => one.role === 'grip_stick');
    const wet = chooseGrip(
      { ...snow, wetness: 'wet', temperatureC: -10 },
      { outing: tour, products: sticks },
    );
    expect(wet.ranking).toEqual([]);
    expect(codes(wet.cautions)).toEqual(['wet_snow_below_zero', 'no_klister', 'no_binder']);
    expect(gravest(wet.cautions)!.code).toBe('no_klister');
    const cold = chooseGrip({ ...snow, temperatureC: -40 }, { outing: tour, products: SHELF });
    expect(codes(cold.cautions)).toContain('nothing_fits');
  });
});

describe('trouble on snow', () => {
  it('goes from small to large and never twice the same', () => {
    for (const complaint of COMPLAINTS) {
      const tried: Tried[] = [];
      for (let i = 0; i < 10; i += 1) {
        const { next } = troubleStep(complaint, tried);
        if (!next) break;
        expect(tried.map((one) => one.key)).not.toContain(next.key);
        tried.push({ complaint, key: next.key });
      }
      expect(troubleStep(complaint, tried)).toMatchObject({ next: undefined });
    }
    expect(troubleStep('slipping', []).next!.key).toBe('longer');
    expect(troubleStep('slipping', [{ complaint: 'slipping', key: 'longer' }]).next!.key).toBe(
      'more_layers',
    );
  });

  it('notices when the last step went too far', () => {
    const turned = troubleStep('dragging', [{ complaint: 'slipping', key: 'more_layers' }]);
    expect(turned.reason.code).toBe('turned_round');
  });
});
