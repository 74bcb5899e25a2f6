import { describe, expect, it } from 'vitest';
import reference from '../../../tests/reference/iron-contact.json';
import { fitContact, ironAdvice, ironPasses, type IronQuestion } from '.';
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

describe('passes of an iron', () => {
  const answer = ironPasses(question);

  it('heat the base more and trail longer with every pass, as practice sees', () => {
    const trails = answer.passes.map((one) => one.trailM);
    const peaks = answer.passes.map((one) => one.peakBaseC);
    expect([...trails].sort((a, b) => a - b)).toEqual(trails);
    expect([...peaks].sort((a, b) => a - b)).toEqual(peaks);
    expect(peaks[0]).toBeGreaterThan(60);
    expect(peaks[3]).toBeLessThan(90);
    expect(trails[0]).toBeGreaterThan(0.02);
    expect(answer.passes[0]!.backC).toBeLessThan(peaks[0]!);
  });

  it('leave the trails that the house contact was tuned for', () => {
    const cues = [7, 13, 22, 40];
    answer.passes.forEach((one, i) => {
      expect((100 * one.trailM) / cues[i]!).toBeGreaterThan(0.75);
      expect((100 * one.trailM) / cues[i]!).toBeLessThan(1.3);
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
    expect(first({ contact: 1500 })).toBeLessThan(here);
  });

  it('let a light iron sag and say what to do', () => {
    const { passes, warnings } = ironPasses({ ...question, iron: light });
    expect(passes[0]!.plateStartC - passes[0]!.plateEndC).toBeGreaterThan(10);
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

describe('advice', () => {
  it('keeps its own promise: the trail is 2 to 8 cm over its passes', () => {
    for (const [meltingC, ironC, roomC] of [
      [58, 120, 20],
      [50, 112, 18],
      [75, 145, 10],
    ] as const) {
      const asked = {
        ...question,
        wax: { meltingC, ironC },
        roomC,
        ski: { ...question.ski, startC: roomC },
      };
      const { advice } = ironAdvice(asked);
      const { passes } = ironPasses({
        ...asked,
        iron: { ...asked.iron, setC: advice!.setC },
        passS: advice!.passS,
        passes: advice!.passes,
      });
      for (const one of passes) {
        expect(one.trailM).toBeGreaterThanOrEqual(0.02);
        expect(one.trailM).toBeLessThanOrEqual(0.08);
      }
    }
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
});
