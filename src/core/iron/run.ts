import {
  baseBackC,
  baseSurfaceC,
  filmMostC,
  ironColumn,
  isMolten,
  stepIron,
  type IronColumn,
} from './column';
import { IRON } from './figures';
import { runPlate, type Plate } from './plate';
import type { IronBench, IronMoment, IronPass, PassTiming } from './types';
import { diffusionAt } from './uptake';

const {
  contact: CONTACT_STEPS,
  coolFirstS: COOL_FIRST_S,
  coolGrowth: COOL_GROWTH,
  longestS: LONGEST_STEP_S,
  plateRounds: PLATE_ROUNDS,
} = IRON.steps;

/** A ski under way: a point of it, the plate, and what went in so far. */
export interface IronRun {
  question: IronBench;
  column: IronColumn;
  plate: Plate;
  timeS: number;
  /** How long the next step of cooling may be, s: a rest goes on where the pass left off. */
  coolStepS: number;
  /** Diffusion integrated over the time molten, m². */
  diffusedM2: number;
  filmMostC: number;
}

/** The ski and the iron before the first pass. */
export const startRun = (question: IronBench, refine = 1): IronRun => ({
  question,
  column: ironColumn({
    filmM: question.filmMicrometre * 1e-6,
    baseM: (question.ski.baseMm ?? IRON.defaultBaseMm) * 1e-3,
    startC: question.ski.startC,
    meltingC: question.wax.meltingC,
    refine,
  }),
  plate: { temperatureC: question.iron.setC, sensorC: question.iron.setC },
  timeS: 0,
  coolStepS: COOL_FIRST_S,
  diffusedM2: 0,
  filmMostC: -Infinity,
});

/**
 * Goes through some seconds of cooling in steps that grow from `firstS` on; `step` gets its length and what passed
 * before it, s. Gives how long a further step may be.
 */
function cool(
  seconds: number,
  firstS: number,
  step: (now: number, passed: number) => void,
): number {
  let [passed, dt] = [0, firstS];
  while (passed < seconds - 1e-12) {
    const now = Math.min(dt, seconds - passed);
    step(now, passed);
    passed += now;
    dt = Math.min(LONGEST_STEP_S, dt * COOL_GROWTH);
  }
  return dt;
}

/** What a point of the ski goes through in one pass and the pause after it. */
interface PointPass {
  peakBaseC: number;
  backC: number;
  filmMostC: number;
  heat: number;
  liquidAfterS: number;
  moltenS: number;
  diffusion: number;
  coolStepS: number;
}

function pointPass(
  column: IronColumn,
  {
    question,
    passS,
    plateC,
    coolingS,
    restS,
    follow,
  }: {
    question: IronBench;
    passS: number;
    plateC: number;
    /** From the iron's leaving to the end of the pass. */
    coolingS: number;
    restS: number;
    follow?: (seconds: number) => void;
  },
): PointPass {
  const contactS = (question.iron.plateLengthM * passS) / question.ski.lengthM;
  const contact = question.contact ?? IRON.contact;
  const point: PointPass = {
    peakBaseC: -Infinity,
    backC: -Infinity,
    filmMostC: -Infinity,
    heat: 0,
    liquidAfterS: 0,
    moltenS: 0,
    diffusion: 0,
    coolStepS: COOL_FIRST_S,
  };
  const before = column.heatIn;
  const look = (dt: number) => {
    const base = baseSurfaceC(column);
    point.peakBaseC = Math.max(point.peakBaseC, base);
    point.backC = Math.max(point.backC, baseBackC(column));
    point.filmMostC = Math.max(point.filmMostC, filmMostC(column));
    if (isMolten(column)) {
      point.moltenS += dt;
      point.diffusion += dt * diffusionAt(base, column.meltingC);
    }
    follow?.(dt);
  };
  for (let k = 0; k < CONTACT_STEPS; k += 1) {
    // Short steps first: the plate meets a cold film.
    const share = ((k + 1) / CONTACT_STEPS) ** 2 - (k / CONTACT_STEPS) ** 2;
    stepIron(column, share * contactS, plateC, contact);
    look(share * contactS);
  }
  point.heat = column.heatIn - before;
  let wasLiquid = isMolten(column);
  const step = (now: number, passed: number) => {
    const warmBefore = filmMostC(column);
    stepIron(column, now, question.roomC, IRON.convection);
    look(now);
    if (wasLiquid && !isMolten(column)) {
      const cooled = warmBefore - filmMostC(column);
      const share = cooled > 0 ? (warmBefore - column.meltingC) / cooled : 1;
      point.liquidAfterS = passed + share * now;
      wasLiquid = false;
    }
  };
  point.coolStepS = cool(coolingS, COOL_FIRST_S, step);
  point.coolStepS = cool(restS, point.coolStepS, (now, passed) => step(now, coolingS + passed));
  if (wasLiquid) point.liquidAfterS = coolingS + restS;
  return point;
}

const copyOf = (column: IronColumn): IronColumn => ({
  ...column,
  temperature: column.temperature.slice(),
});

/** The same ski again, to try something on. */
export const copyRun = (run: IronRun): IronRun => ({ ...run, column: copyOf(run.column) });

/** One pass and the rest after it; `run` is what it leaves. */
export function nextPass(
  run: IronRun,
  { passS, restS }: PassTiming,
  onMoment?: (moment: IronMoment) => void,
): IronPass {
  const { question, column } = run;
  const { ski, iron, roomC } = question;
  const contactS = (iron.plateLengthM * passS) / ski.lengthM;
  const coolingS = Math.max(0, passS - contactS);
  const width = Math.min(ski.widthM, iron.plateWidthM ?? ski.widthM);
  const speed = ski.lengthM / passS;
  const surfaceC = column.temperature[0]!;
  const before = run.plate;
  let meanC = before.temperatureC;
  let drawWPerK = 0;
  // The draw depends on the plate and the plate on the draw: settled in a few rounds on a copy.
  for (let round = 0; round < PLATE_ROUNDS; round += 1) {
    const tried = pointPass(copyOf(column), {
      question,
      passS,
      plateC: meanC,
      coolingS: 0,
      restS: 0,
    });
    drawWPerK = meanC > surfaceC ? (tried.heat * speed * width) / (meanC - surfaceC) : 0;
    meanC = runPlate(before, question, passS, drawWPerK, surfaceC).meanC;
  }
  let timeS = run.timeS;
  const point = pointPass(column, {
    question,
    passS,
    plateC: meanC,
    coolingS,
    restS,
    follow: (dt) => {
      timeS += dt;
      onMoment?.({ timeS, baseC: baseSurfaceC(column), filmC: filmMostC(column) });
    },
  });
  const after = runPlate(before, question, passS, drawWPerK, surfaceC).plate;
  run.timeS += contactS + coolingS + restS;
  run.coolStepS = point.coolStepS;
  run.diffusedM2 += point.diffusion;
  run.filmMostC = Math.max(run.filmMostC, point.filmMostC);
  run.plate = runPlate(after, question, restS, 0, roomC).plate;
  return {
    peakBaseC: point.peakBaseC,
    backC: point.backC,
    trailM: Math.min(ski.lengthM, speed * point.liquidAfterS),
    plateStartC: before.temperatureC,
    plateEndC: after.temperatureC,
    meanHeatW: point.heat * speed * width,
    moltenS: point.moltenS,
  };
}

/** Lets the ski and the iron rest. */
export function rest(run: IronRun, seconds: number): void {
  const { question, column } = run;
  run.coolStepS = cool(seconds, run.coolStepS, (now) =>
    stepIron(column, now, question.roomC, IRON.convection),
  );
  run.plate = runPlate(run.plate, question, seconds, 0, question.roomC).plate;
  run.timeS += seconds;
}
