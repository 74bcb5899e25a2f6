import { describe, expect, it } from 'vitest';
import reference from '../../../tests/reference/iron-contact.json';
import {
  fitContact,
  IRON_KINDS,
  ironAdvice,
  ironPasses,
  passAt,
  presetOn,
  timedPasses,
  type IronKind,
  type IronQuestion,
} from '.';
import { baseSurfaceC, ironColumn, stepIron } from './column';

const codes = (findings: readonly { code: string }[]) => findings.map(({ code }) => code);

const question: IronQuestion = {
  wax: { meltingC: 58, ironC: 120 },
  ski: { lengthM: 1.9, widthM: 0.06, startC: 20 },
  iron: { setC: 120, plateLengthM: 0.075, massKg: 1.2, powerW: 1000 },
  passS: 8,
  passes: 4,
  pauseS: 2,
  roomC: 20,
  filmMicrometre: 60,
};
const light = { setC: 120, plateLengthM: 0.1, massKg: 0.35, powerW: 150, lagS: 10 };

describe('a plate on polyethylene', () => {
  it.each(reference.cases)(
    'agrees with the exact contact of $conductance W/m²/K after $t_s s',
    ({ conductance, iron_C, start_C, t_s, surface_C, heat_J_m2 }) => {
      // A film so thin that it only conducts; its own resistance is taken off the contact.
      const filmM = 1e-7;
      const column = ironColumn({
        filmM,
        baseM: 0.0012,
        startC: start_C,
        meltingC: 58,
        hasFilmHeat: false,
        isHalfSpace: true,
        refine: 3,
      });
      const steps = 1500;
      for (let k = 0; k < steps; k += 1) {
        const share = ((k + 1) / steps) ** 3 - (k / steps) ** 3;
        stepIron(column, share * t_s, iron_C, conductance);
      }
      expect(Math.abs(baseSurfaceC(column) - surface_C)).toBeLessThan(0.25);
      expect(Math.abs(column.heatIn / heat_J_m2 - 1)).toBeLessThan(0.01);
    },
  );
});

/** A bench of the house: waxes melt 60 K under their label, a heavy iron, a narrow ski. */
function benchOf({
  ironC,
  roomC,
  widthM = 0.045,
  kind = 'heavy_digital',
}: {
  ironC: number;
  roomC: number;
  widthM?: number;
  kind?: IronKind;
}): IronQuestion {
  return {
    wax: { ironC, meltingC: ironC - 60 },
    ski: { lengthM: 1.9, widthM, startC: roomC },
    iron: { ...presetOn(kind, widthM), setC: ironC },
    passS: 8,
    passes: 3,
    roomC,
    filmMicrometre: 40,
  };
}

describe('passes of an iron', () => {
  const answer = ironPasses(question);

  it('heat the base more and trail longer with every pass, as practice sees', () => {
    const trails = answer.passes.map((one) => one.trailM);
    const peaks = answer.passes.map((one) => one.peakBaseC);
    expect([...trails].sort((a, b) => a - b)).toEqual(trails);
    expect([...peaks].sort((a, b) => a - b)).toEqual(peaks);
    expect(peaks[0]).toBeGreaterThan(50);
    expect(peaks[3]).toBeLessThan(90);
    expect(trails[0]).toBeGreaterThan(0.02);
    expect(answer.passes[0]!.backC).toBeLessThan(peaks[0]!);
  });

  // A heavy iron held lengthwise, 40 µm of film, ski and room at 18 °C, 8 s a pass and 10 s between.
  it.each([
    { wax: 'soft', ironC: 112, cues: [9, 17, 30] },
    { wax: 'mid', ironC: 124, cues: [5, 9, 14] },
    { wax: 'hard', ironC: 138, cues: [2, 4, 7] },
    { wax: 'cold', ironC: 150, cues: [1, 3, 5] },
  ])('leave the trails of practice at the label of a $wax wax', ({ ironC, cues }) => {
    const { passes } = ironPasses({ ...benchOf({ ironC, roomC: 18 }), passes: 3, pauseS: 10 });
    passes.forEach((one, i) => {
      expect(Math.abs(100 * one.trailM - cues[i]!)).toBeLessThan(0.6 + 0.2 * cues[i]!);
    });
  });

  it('close their energy', () => {
    expect(answer.energyResidualRelative).toBeLessThan(1e-6);
  });

  it('hardly change with a finer grid', () => {
    const fine = ironPasses(question, 2);
    answer.passes.forEach((one, i) => {
      expect(Math.abs(one.peakBaseC - fine.passes[i]!.peakBaseC)).toBeLessThan(1.5);
      expect(Math.abs(one.trailM / fine.passes[i]!.trailM - 1)).toBeLessThan(0.12);
    });
  });

  it('trail less in a cold room and when quicker, more when hotter', () => {
    const first = (more: Partial<IronQuestion>) =>
      ironPasses({ ...question, passes: 1, ...more }).passes[0]!.trailM;
    const here = first({});
    expect(first({ ski: { ...question.ski, startC: 5 }, roomC: 5 })).toBeLessThan(here);
    expect(first({ passS: 5 })).toBeLessThan(here);
    expect(first({ iron: { ...question.iron, setC: 140 } })).toBeGreaterThan(here);
    expect(first({ contact: 900 })).toBeLessThan(here);
  });

  it('let a light iron sag and say what to do', () => {
    const { passes, warnings } = ironPasses({ ...question, iron: light });
    expect(passes[0]!.plateStartC - passes[0]!.plateEndC).toBeGreaterThan(6);
    expect(codes(warnings)).toContain('iron_sags');
    expect(answer.passes[0]!.plateEndC).toBeGreaterThan(119);
  });

  it('fill the base with time molten, never past full', () => {
    const long = ironPasses({ ...question, passes: 12, passS: 10 });
    expect(long.uptakeFraction).toBeGreaterThan(answer.uptakeFraction);
    expect(long.uptakeFraction).toBeLessThanOrEqual(1);
    const cold = ironPasses({ ...question, iron: { ...question.iron, setC: 62 } });
    expect(cold.uptakeFraction).toBeLessThan(0.05);
    expect(codes(cold.warnings)).toContain('iron_too_cold');
  });

  it('warn of smoke and of the base', () => {
    const hot = ironPasses({
      ...question,
      iron: { ...question.iron, setC: 190 },
      passS: 30,
      passes: 6,
    });
    expect(codes(hot.warnings).join(' ')).toMatch(/base_(softens|melts) wax_smokes/);
  });

  it('refuse what no bench has', () => {
    const ask = (more: Partial<IronQuestion>) => () => ironPasses({ ...question, ...more });
    expect(ask({ ski: { ...question.ski, lengthM: 0 } })).toThrow(/lengthM/);
    expect(ask({ iron: { ...question.iron, massKg: 0.05 } })).toThrow(/massKg/);
    expect(ask({ iron: { ...question.iron, setC: 300 } })).toThrow(/setC/);
    expect(ask({ passes: 500 })).toThrow(/passes/);
    expect(ask({ wax: { meltingC: 140, ironC: 190 } })).toThrow(/melts_too_high/);
  });
});

describe('uptake', () => {
  const filled = (ironC: number, passes: number) =>
    ironPasses({ ...benchOf({ ironC, roomC: 18 }), passS: 10, pauseS: 10, passes }).uptakeFraction;

  it('of three passes at the label fills about two thirds of what is empty, of six nearly all', () => {
    const mean = (passes: number) =>
      [124, 138, 150].reduce((sum, ironC) => sum + filled(ironC, passes), 0) / 3;
    expect(mean(3)).toBeGreaterThan(0.58);
    expect(mean(3)).toBeLessThan(0.75);
    expect(mean(6)).toBeGreaterThan(0.85);
  });
});

describe('advice', () => {
  const cases = [112, 124, 138, 150].flatMap((ironC) =>
    [0.045, 0.068].flatMap((widthM) =>
      IRON_KINDS.flatMap((kind) =>
        [5, 12, 18].map((roomC) => benchOf({ ironC, widthM, kind, roomC })),
      ),
    ),
  );

  it('keeps to the label, and gives three passes and a filled base in nearly every case, else a reason', () => {
    let good = 0;
    for (const asked of cases) {
      const { advice, reason } = ironAdvice(asked);
      expect(reason.code).toBeTruthy();
      if (!advice) continue;
      expect(advice.setC).toBeLessThanOrEqual(asked.wax.ironC);
      expect(advice.setC).toBeGreaterThanOrEqual(asked.wax.ironC - 10);
      const [quickest, slowest] = asked.ski.widthM < 0.06 ? [5, 12] : [8, 20];
      for (const { passS, restS, trailM } of advice.passes) {
        expect(passS).toBeGreaterThanOrEqual(quickest);
        expect(passS).toBeLessThanOrEqual(slowest);
        expect(restS).toBeLessThanOrEqual(40);
        expect(trailM).toBeGreaterThanOrEqual(0.01);
        expect(trailM).toBeLessThanOrEqual(0.1);
      }
      if (advice.passes.length >= 3 && advice.uptakeFraction >= 0.55) good += 1;
    }
    expect(good / cases.length).toBeGreaterThan(0.85);
  });

  it('keeps its own promise: its passes, ironed, leave the trails it tells', () => {
    for (const asked of cases.filter((_, i) => i % 7 === 0)) {
      const { advice } = ironAdvice(asked);
      if (!advice) continue;
      const at = { ...asked, iron: { ...asked.iron, setC: advice.setC } };
      const made = timedPasses(at, advice.passes);
      made.passes.forEach((one, i) => {
        expect(one.trailM).toBeCloseTo(advice.passes[i]!.trailM, 12);
      });
      expect(made.uptakeFraction).toBeCloseTo(advice.uptakeFraction, 12);
    }
  });

  it('says of a light iron what it loses in a pass', () => {
    const { advice, reason } = ironAdvice(
      benchOf({ ironC: 138, roomC: 12, widthM: 0.068, kind: 'light_travel' }),
    );
    expect(advice!.sagK).toBeGreaterThan(6);
    expect(reason.code).toBe('iron_sags');
  });

  it('holds an iron lengthwise on a narrow ski and across a wide one', () => {
    expect(presetOn('heavy_digital', 0.045)).toMatchObject({ plateLengthM: 0.14 });
    expect(presetOn('heavy_digital', 0.1)).toMatchObject({
      plateLengthM: 0.095,
      plateWidthM: 0.14,
    });
  });

  it('says why there is none', () => {
    const frozen = {
      ...question,
      wax: { meltingC: 110, ironC: 125 },
      ski: { ...question.ski, startC: -20 },
      roomC: -20,
    };
    const verdict = ironAdvice(frozen);
    expect(verdict.advice).toBeUndefined();
    expect(verdict.reason.code).toBe('film_sets');
    const sagging = {
      ...frozen,
      wax: { meltingC: 90, ironC: 120 },
      iron: { ...light, powerW: 60 },
    };
    expect(ironAdvice(sagging).reason.code).toMatch(/iron_sags|film_sets/);
  });
});

describe('the fit to what was seen', () => {
  it('finds the contact that made a trail, with a spread', () => {
    const made = ironPasses({ ...question, passes: 2, contact: 1800 }).passes[1]!.trailM;
    const fit = fitContact(question, { pass: 2, trailM: made, sdM: 0.004 });
    expect(fit.contact).toBeGreaterThan(1500);
    expect(fit.contact).toBeLessThan(2200);
    expect(fit.logSd).toBeLessThan(0.2);
    const vague = fitContact(question, { pass: 2, trailM: made, sdM: 0.05 });
    expect(vague.logSd).toBeGreaterThan(fit.logSd);
  });

  it('says when no iron gives such a trail', () => {
    expect(fitContact(question, { pass: 1, trailM: 1.5, sdM: 0.01 }).isPinned).toBe(true);
    const seen = ironPasses({ ...question, passes: 1 }).passes[0]!.trailM;
    expect(fitContact(question, { pass: 1, trailM: seen }).isPinned).toBe(false);
  });
});

it('knows which pass it is, and how far into it', () => {
  const timings = [
    { passS: 10, restS: 5 },
    { passS: 8, restS: 0 },
  ];
  expect(passAt(timings, 4)).toEqual({ pass: 0, inPassS: 4, passS: 10 });
  expect(passAt(timings, 12)).toEqual({ pass: 0, inPassS: 12, passS: 10 });
  expect(passAt(timings, 17)).toEqual({ pass: 1, inPassS: 2, passS: 8 });
  expect(passAt(timings, 90)).toMatchObject({ pass: 1 });
});
