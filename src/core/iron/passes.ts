import { DomainError, requireWithin } from '../errors';
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
import { IRON_LIMITS, MATERIALS, UPTAKE } from './materials';
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
  warnings: string[];
  /** Base and film of one point over all passes, with the limits beside them. */
  course: IronMoment[];
  /** Heat stored against heat that went in, relative. */
  energyResidualRelative: number;
}

const CONTACT_STEPS = 24;
const COOL_FIRST_S = 0.01;
const COOL_GROWTH = 1.12;
const LONGEST_STEP_S = 0.5;
const PLATE_ROUNDS = 2;
const MOST_PASSES = 12;

/** Refuses what no bench has, with a sentence at its field. */
export function checkIron(question: IronQuestion): void {
  const { wax, ski, iron } = question;
  const within = (field: string, value: number, low: number, high: number) =>
    requireWithin(field, value, low, high);
  within('ski.lengthM', ski.lengthM, 0.5, 2.6);
  within('ski.widthM', ski.widthM, 0.03, 0.4);
  within('ski.startC', ski.startC, -30, 60);
  within('ski.baseMm', ski.baseMm ?? IRON_LIMITS.defaultBaseMm, 0.4, 3);
  within('iron.setC', iron.setC, 60, 200);
  within('iron.plateLengthM', iron.plateLengthM, 0.03, 0.4);
  within('iron.plateWidthM', iron.plateWidthM ?? ski.widthM, 0.03, 0.4);
  within('iron.massKg', iron.massKg, 0.1, 5);
  within('iron.powerW', iron.powerW, 50, 3000);
  within('iron.lagS', iron.lagS ?? IRON_LIMITS.defaultLagS, 0, 120);
  within('wax.meltingC', wax.meltingC, 20, 160);
  within('passS', question.passS, 1, 60);
  within('passes', question.passes, 1, MOST_PASSES);
  within('pauseS', question.pauseS ?? IRON_LIMITS.defaultPauseS, 0, 600);
  within('roomC', question.roomC, -30, 45);
  within('filmMicrometre', question.filmMicrometre, 5, 300);
  within('contact', question.contact ?? MATERIALS.contact, 50, 100_000);
  if (wax.meltingC + 0.5 * MATERIALS.meltingRangeK > IRON_LIMITS.warnBaseC) {
    throw new DomainError(
      'melts_too_high',
      'wax.meltingC',
      wax.meltingC,
      `A wax that melts at ${wax.meltingC} °C needs a base hotter than it bears (${IRON_LIMITS.warnBaseC} °C): put it on by cork or roller.`,
    );
  }
}

/** Share of a layer that diffusion has filled, for a Fourier number of time over depth squared. */
function filled(fourier: number): number {
  let left = 0;
  for (let n = 0; n < 12; n += 1) {
    const odd = 2 * n + 1;
    left += Math.exp((-odd * odd * Math.PI * Math.PI * fourier) / 4) / (odd * odd);
  }
  return Math.min(1, Math.max(0, 1 - (8 / (Math.PI * Math.PI)) * left));
}

/** Diffusion of wax into the base at a temperature, m²/s (Arrhenius). */
const diffusionAt = (celsius: number): number =>
  UPTAKE.diffusion *
  Math.exp(
    (-UPTAKE.activation / UPTAKE.gasConstant) * (1 / kelvin(celsius) - 1 / kelvin(UPTAKE.atC)),
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
  question: IronQuestion,
  plateC: number,
  restS: number,
  follow?: (seconds: number) => void,
): PointPass {
  const contactS = (question.iron.plateLengthM * question.passS) / question.ski.lengthM;
  const contact = question.contact ?? MATERIALS.contact;
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
    stepIron(column, now, question.roomC, MATERIALS.convection);
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
  const pauseS = question.pauseS ?? IRON_LIMITS.defaultPauseS;
  const contactS = (iron.plateLengthM * passS) / ski.lengthM;
  const restS = Math.max(0, passS - contactS) + pauseS;
  const width = Math.min(ski.widthM, iron.plateWidthM ?? ski.widthM);
  const speed = ski.lengthM / passS;
  const column = ironColumn({
    filmM: question.filmMicrometre * 1e-6,
    baseM: (ski.baseMm ?? IRON_LIMITS.defaultBaseMm) * 1e-3,
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
      const tried = pointPass(copyOf(column), question, meanC, 0);
      drawWPerK = meanC > surfaceC ? (tried.heat * speed * width) / (meanC - surfaceC) : 0;
      meanC = runPlate(plate, question, passS, drawWPerK, surfaceC).meanC;
    }
    const startedS = timeS;
    const point = pointPass(column, question, meanC, restS, (dt) => {
      timeS += dt;
      answer.course.push({ timeS, baseC: baseSurfaceC(column), filmC: filmMostC(column) });
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
  answer.uptakeFraction = filled(diffusion / (UPTAKE.depthM * UPTAKE.depthM));
  answer.warnings = warningsOf(question, answer.passes, filmMost);
  return answer;
}
