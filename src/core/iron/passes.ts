import { DomainError, requireIn } from '../errors';
import { storedHeat } from './column';
import type { IronWarning } from './findings';
import { IRON, IRON_LIMITS } from './figures';
import { nextPass, startRun } from './run';
import type { IronBench, IronMoment, IronPass, IronQuestion, PassTiming } from './types';
import { uptakeOf } from './uptake';
import { warningsOf } from './warnings';

export interface IronAnswer {
  passes: IronPass[];
  moltenTotalS: number;
  /** Share of the wax the base can take up. */
  uptakeFraction: number;
  warnings: IronWarning[];
  /** Base and film of one point over all passes, with the limits beside them. */
  course: IronMoment[];
  /** Heat stored against heat that went in, relative to all that moved. */
  energyResidualRelative: number;
}

const within = (field: string, value: number, limit: keyof typeof IRON_LIMITS) =>
  requireIn(field, value, IRON_LIMITS[limit]);

/** Refuses what no bench has, at its field. */
export function checkBench(question: IronBench): void {
  const { wax, ski, iron } = question;
  within('ski.lengthM', ski.lengthM, 'lengthM');
  within('ski.widthM', ski.widthM, 'widthM');
  within('ski.startC', ski.startC, 'startC');
  within('ski.baseMm', ski.baseMm ?? IRON.defaultBaseMm, 'baseMm');
  within('iron.setC', iron.setC, 'setC');
  within('iron.plateLengthM', iron.plateLengthM, 'plateLengthM');
  within('iron.plateWidthM', iron.plateWidthM ?? ski.widthM, 'plateWidthM');
  within('iron.massKg', iron.massKg, 'massKg');
  within('iron.powerW', iron.powerW, 'powerW');
  within('iron.lagS', iron.lagS ?? IRON.defaultLagS, 'lagS');
  within('wax.meltingC', wax.meltingC, 'meltingC');
  within('roomC', question.roomC, 'roomC');
  within('filmMicrometre', question.filmMicrometre, 'filmMicrometre');
  within('contact', question.contact ?? IRON.contact, 'contact');
  if (wax.meltingC + 0.5 * IRON.meltingRangeK > IRON.warnBaseC) {
    const { meltingC } = wax;
    const baseMostC = IRON.warnBaseC;
    throw new DomainError(
      { code: 'melts_too_high', meltingC, baseMostC },
      'wax.meltingC',
      meltingC,
    );
  }
}

/**
 * Passes of an iron over a film on a base, seen at a point in the middle of the ski: implicit conduction with the film's
 * melting, the plate sagging under the heat it gives. Values no bench has, or a wax that melts above what a base bears:
 * DomainError.
 */
export function ironPasses(question: IronQuestion, refine = 1): IronAnswer {
  const { passS, passes, pauseS = IRON.defaultPauseS } = question;
  checkBench(question);
  within('passS', passS, 'passS');
  within('passes', passes, 'passes');
  within('pauseS', pauseS, 'pauseS');
  return timedPasses(
    question,
    Array.from({ length: passes }, () => ({ passS, restS: pauseS })),
    refine,
  );
}

/** The same with a pace and a rest of its own for each pass. */
export function timedPasses(
  question: IronBench,
  timings: readonly PassTiming[],
  refine = 1,
): IronAnswer {
  const run = startRun(question, refine);
  const course: IronMoment[] = [];
  const passes = timings.map((timing) => nextPass(run, timing, (moment) => course.push(moment)));
  const { column } = run;
  return {
    passes,
    course,
    moltenTotalS: passes.reduce((sum, one) => sum + one.moltenS, 0),
    uptakeFraction: uptakeOf(run.diffusedM2),
    warnings: warningsOf(question, passes, run.filmMostC),
    energyResidualRelative:
      Math.abs(storedHeat(column, question.ski.startC) - column.heatIn) /
      Math.max(1, column.heatMoved),
  };
}
