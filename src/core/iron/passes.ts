import { PHYSICS } from '../constants';
import { DomainError, requireIn } from '../errors';
import {
  baseBackC,
  baseSurfaceC,
  filmMostC,
  ironColumn,
  isMolten,
  kelvin,
  stepIron,
  storedHeat,
  type IronColumn,
} from './column';
import type { IronWarning } from './findings';
import { IRON, IRON_LIMITS } from './figures';
import { runPlate, type Plate } from './plate';
import type { IronPass, IronQuestion } from './types';
import { warningsOf } from './warnings';

/** One moment of a point of the ski, for drawing. */
export interface IronMoment {
  timeS: number;
  baseC: number;
  filmC: number;
}

export interface IronAnswer {
  passes: IronPass[];
  moltenTotalS: number;
  /** Share of the wax the base can take up. */
  uptakeFraction: number;
  warnings: IronWarning[];
  /** Base and film of one point over all passes, with the limits beside them. */
  course: IronMoment[];
  /** Heat stored against heat that went in, relative. */
  energyResidualRelative: number;
}

const {
  contact: CONTACT_STEPS,
  coolFirstS: COOL_FIRST_S,
  coolGrowth: COOL_GROWTH,
  longestS: LONGEST_STEP_S,
  plateRounds: PLATE_ROUNDS,
} = IRON.steps;

/** Refuses what no bench has, with a sentence at its field. */
export function checkIron(question: IronQuestion): void {
  const { wax, ski, iron } = question;
  const within = (field: string, value: number, limit: keyof typeof IRON_LIMITS) =>
    requireIn(field, value, IRON_LIMITS[limit]);
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
  within('passS', question.passS, 'passS');
  within('passes', question.passes, 'passes');
  within('pauseS', question.pauseS ?? IRON.defaultPauseS, 'pauseS');
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

const HALF_PI = 0.5 * Math.PI;

/** Share of a layer that diffusion has filled, for a Fourier number of time over depth squared. */
function filled(fourier: number): number {
  let left = 0;
  for (let n = 0; n < IRON.series; n += 1) {
    const odd = 2 * n + 1;
    left += Math.exp(-(odd * HALF_PI) * (odd * HALF_PI) * fourier) / (odd * odd);
  }
  return Math.min(1, Math.max(0, 1 - (2 / (HALF_PI * HALF_PI)) * left));
}

/** Diffusion of wax into the base at a temperature, m²/s (Arrhenius). */
const diffusionAt = (celsius: number): number =>
  IRON.uptake.diffusion *
  Math.exp(
    (-IRON.uptake.activation / PHYSICS.gasConstant) *
      (1 / kelvin(celsius) - 1 / kelvin(IRON.uptake.atC)),
  );

/** What a point of the ski goes through in one pass and the pause after it. */
interface PointPass {
  peakBaseC: number;
  backC: number;
  filmMostC: number;
  heat: number;
  liquidAfterS: number;
  moltenS: number;
  diffusion: number;
}

function pointPass(
  column: IronColumn,
  {
    question,
    plateC,
    restS,
    follow,
  }: { question: IronQuestion; plateC: number; restS: number; follow?: (seconds: number) => void },
): PointPass {
  const contactS = (question.iron.plateLengthM * question.passS) / question.ski.lengthM;
  const contact = question.contact ?? IRON.contact;
  const point: PointPass = {
    peakBaseC: -Infinity,
    backC: -Infinity,
    filmMostC: -Infinity,
    heat: 0,
    liquidAfterS: 0,
    moltenS: 0,
    diffusion: 0,
  };
  const before = column.heatIn;
  const look = (dt: number) => {
    const base = baseSurfaceC(column);
    point.peakBaseC = Math.max(point.peakBaseC, base);
    point.backC = Math.max(point.backC, baseBackC(column));
    point.filmMostC = Math.max(point.filmMostC, filmMostC(column));
    if (isMolten(column)) {
      point.moltenS += dt;
      point.diffusion += dt * diffusionAt(base);
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
  let [passed, dt] = [0, COOL_FIRST_S];
  while (passed < restS - 1e-12) {
    const now = Math.min(dt, restS - passed);
    const warmBefore = filmMostC(column);
    stepIron(column, now, question.roomC, IRON.convection);
    look(now);
    if (wasLiquid && !isMolten(column)) {
      const cooled = warmBefore - filmMostC(column);
      const share = cooled > 0 ? (warmBefore - column.meltingC) / cooled : 1;
      point.liquidAfterS = passed + share * now;
      wasLiquid = false;
    }
    passed += now;
    dt = Math.min(LONGEST_STEP_S, dt * COOL_GROWTH);
  }
  if (wasLiquid) point.liquidAfterS = restS;
  return point;
}

const copyOf = (column: IronColumn): IronColumn => ({
  ...column,
  temperature: column.temperature.slice(),
});

/**
 * Passes of an iron over a film on a base, seen at a point in the middle of the ski: implicit conduction with the film's
 * melting, the plate sagging under the heat it gives. Values no bench has, or a wax that melts above what a base bears:
 * DomainError.
 */
export function ironPasses(question: IronQuestion, refine = 1): IronAnswer {
  checkIron(question);
  const { wax, ski, iron, passS, passes, roomC } = question;
  const pauseS = question.pauseS ?? IRON.defaultPauseS;
  const contactS = (iron.plateLengthM * passS) / ski.lengthM;
  const restS = Math.max(0, passS - contactS) + pauseS;
  const width = Math.min(ski.widthM, iron.plateWidthM ?? ski.widthM);
  const speed = ski.lengthM / passS;
  const column = ironColumn({
    filmM: question.filmMicrometre * 1e-6,
    baseM: (ski.baseMm ?? IRON.defaultBaseMm) * 1e-3,
    startC: ski.startC,
    meltingC: wax.meltingC,
    refine,
  });
  let plate: Plate = { temperatureC: iron.setC, sensorC: iron.setC };
  const answer: IronAnswer = {
    passes: [],
    moltenTotalS: 0,
    uptakeFraction: 0,
    warnings: [],
    course: [],
    energyResidualRelative: 0,
  };
  let [diffusion, timeS, filmMost] = [0, 0, -Infinity];
  for (let n = 0; n < passes; n += 1) {
    const surfaceC = column.temperature[0]!;
    let meanC = plate.temperatureC;
    let drawWPerK = 0;
    // The draw depends on the plate and the plate on the draw: settled in a few rounds on a copy.
    for (let round = 0; round < PLATE_ROUNDS; round += 1) {
      const tried = pointPass(copyOf(column), { question, plateC: meanC, restS: 0 });
      drawWPerK = meanC > surfaceC ? (tried.heat * speed * width) / (meanC - surfaceC) : 0;
      meanC = runPlate(plate, question, passS, drawWPerK, surfaceC).meanC;
    }
    const startedS = timeS;
    const point = pointPass(column, {
      question,
      plateC: meanC,
      restS,
      follow: (dt) => {
        timeS += dt;
        answer.course.push({ timeS, baseC: baseSurfaceC(column), filmC: filmMostC(column) });
      },
    });
    timeS = startedS + contactS + restS;
    const after = runPlate(plate, question, passS, drawWPerK, surfaceC);
    answer.passes.push({
      peakBaseC: point.peakBaseC,
      backC: point.backC,
      trailM: Math.min(ski.lengthM, speed * point.liquidAfterS),
      plateStartC: plate.temperatureC,
      plateEndC: after.plate.temperatureC,
      meanHeatW: point.heat * speed * width,
      moltenS: point.moltenS,
    });
    answer.moltenTotalS += point.moltenS;
    diffusion += point.diffusion;
    filmMost = Math.max(filmMost, point.filmMostC);
    plate = runPlate(after.plate, question, pauseS, 0, roomC).plate;
  }
  answer.energyResidualRelative =
    Math.abs(storedHeat(column, ski.startC) - column.heatIn) / Math.max(1, Math.abs(column.heatIn));
  answer.uptakeFraction = filled(diffusion / (IRON.uptake.depthM * IRON.uptake.depthM));
  answer.warnings = warningsOf(question, answer.passes, filmMost);
  return answer;
}
