import {
  baseSurfaceC,
  filmMostC,
  ironColumn,
  isMolten,
  stepIron,
  type IronColumn,
} from '../iron/column';
import { IRON } from '../iron/figures';
import { runPlate, type Plate } from '../iron/plate';
import { smokeOf, type IronBench } from '../iron/types';
import { diffusionAt, uptakeOf } from '../iron/uptake';
import { PRACTICE } from './figures';

const { cells: CELLS, tick: TICK_S, longestContactS: LONGEST_CONTACT_S } = PRACTICE.iron;
const { contact: CONTACT_STEPS } = IRON.steps;

/** Where the iron is: the middle of its plate from the tip, m, and whether it lies on the ski. */
export interface IronHold {
  placeM: number;
  isDown: boolean;
}

/** What the places of the ski went through, each array a value a cell. */
export interface RowPast {
  /** Warmest of the base's surface, °C. */
  peakC: Float64Array;
  filmMostC: Float64Array;
  moltenS: Float64Array;
  /** Diffusion integrated over the time molten, m². */
  diffusedM2: Float64Array;
  /** Times that the iron left the place, and of these with a trail that is right. */
  passes: Uint16Array;
  goodPasses: Uint16Array;
  /** The last trail, m. */
  trailM: Float64Array;
}

/** A ski under an iron that a person moves: a column of film, base and core for each place. */
export interface IronRow {
  bench: IronBench;
  columns: IronColumn[];
  /** Length of a cell, m. */
  cellM: number;
  plate: Plate;
  hold: IronHold;
  timeS: number;
  past: RowPast;
  /** When the iron left each place that has not set since, s, and its pace over it, m/s; NaN: set, or under the iron. */
  leftAtS: Float64Array;
  leftSpeed: Float64Array;
  contact: Contact[];
}

/** The ski before the first pass, with `cells` places. */
export function ironRow(bench: IronBench, cells = CELLS): IronRow {
  const column = () =>
    ironColumn({
      filmM: bench.filmMicrometre * 1e-6,
      baseM: (bench.ski.baseMm ?? IRON.defaultBaseMm) * 1e-3,
      startC: bench.ski.startC,
      meltingC: bench.wax.meltingC,
    });
  return {
    bench,
    columns: Array.from({ length: cells }, column),
    cellM: bench.ski.lengthM / cells,
    plate: { temperatureC: bench.iron.setC, sensorC: bench.iron.setC },
    hold: { placeM: 0, isDown: false },
    timeS: 0,
    past: {
      peakC: new Float64Array(cells).fill(bench.ski.startC),
      filmMostC: new Float64Array(cells).fill(bench.ski.startC),
      moltenS: new Float64Array(cells),
      diffusedM2: new Float64Array(cells),
      passes: new Uint16Array(cells),
      goodPasses: new Uint16Array(cells),
      trailM: new Float64Array(cells),
    },
    leftAtS: new Float64Array(cells).fill(NaN),
    leftSpeed: new Float64Array(cells).fill(NaN),
    contact: Array.from({ length: cells }, () => newContact()),
  };
}

/** When within a tick the plate lies on a place, s from its beginning; undefined: never. */
function contactOf(
  centreM: number,
  { fromM, toM, halfM, dt }: { fromM: number; toM: number; halfM: number; dt: number },
): [number, number] | undefined {
  const speed = (toM - fromM) / dt;
  if (speed === 0) return Math.abs(centreM - fromM) < halfM ? [0, dt] : undefined;
  const [a, b] = [(centreM - halfM - fromM) / speed, (centreM + halfM - fromM) / speed];
  const begin = Math.max(0, Math.min(a, b));
  const end = Math.min(dt, Math.max(a, b));
  return end > begin ? [begin, end] : undefined;
}

/** A place under the iron: how long it is expected to be, how long it has been, and up to where that is computed, s. */
interface Contact {
  lengthS: number;
  passedS: number;
  /** How far the iron went meanwhile, m: its pace over the place, whatever a hand does from frame to frame. */
  movedM: number;
  doneS: number;
  steps: number;
}

/** A contact that begins at a speed, m/s; without one there is none. */
const newContact = (bench?: IronBench, speed = 0): Contact => ({
  lengthS: bench
    ? Math.min(LONGEST_CONTACT_S, bench.iron.plateLengthM / Math.max(Math.abs(speed), 1e-9))
    : NaN,
  passedS: 0,
  movedM: 0,
  doneS: 0,
  steps: 0,
});

/** The steps of a contact that are due, s: as the iron lab takes them, short ones first; at its end what is left. */
function dueSteps(contact: Contact, isOver: boolean): number[] {
  const { lengthS } = contact;
  const due: number[] = [];
  for (;;) {
    const k = contact.steps;
    const share = ((k + 1) / CONTACT_STEPS) ** 2 - (k / CONTACT_STEPS) ** 2;
    const last = 1 - ((CONTACT_STEPS - 1) / CONTACT_STEPS) ** 2;
    const step = lengthS * Math.min(share, last);
    if (contact.doneS + step > contact.passedS) break;
    contact.doneS += step;
    contact.steps += 1;
    due.push(step);
  }
  const left = contact.passedS - contact.doneS;
  if (isOver && left > 0) due.push(left);
  return due;
}

/** Notes what a place is after a step of `dt` seconds. */
function look(row: IronRow, cell: number, dt: number): void {
  const { past } = row;
  const column = row.columns[cell]!;
  const base = baseSurfaceC(column);
  past.peakC[cell] = Math.max(past.peakC[cell]!, base);
  past.filmMostC[cell] = Math.max(past.filmMostC[cell]!, filmMostC(column));
  if (!isMolten(column)) return;
  past.moltenS[cell]! += dt;
  past.diffusedM2[cell]! += dt * diffusionAt(base, column.meltingC);
}

/** The iron has left a place and its film is set, or the iron is back: how long the trail was. */
function noteTrail(row: IronRow, cell: number, atS: number): void {
  const { past, leftAtS, leftSpeed, bench } = row;
  const trailM = Math.min(bench.ski.lengthM, leftSpeed[cell]! * (atS - leftAtS[cell]!));
  past.trailM[cell] = trailM;
  past.passes[cell]! += 1;
  if (trailM >= IRON.trailLeastM && trailM <= IRON.trailMostM) past.goodPasses[cell]! += 1;
  leftAtS[cell] = NaN;
}

/** The iron leaves a place at a moment: its trail begins at the pace that it had over it. */
function noteLeft(row: IronRow, cell: number, atS: number): void {
  const { movedM, passedS } = row.contact[cell]!;
  row.leftAtS[cell] = atS;
  row.leftSpeed[cell] = movedM / passedS;
  row.contact[cell] = newContact();
}

/** The iron was lifted off a place, or is gone from it since the last tick; gives the heat that was left to give, J/m². */
function leave(row: IronRow, cell: number): number {
  const { bench, plate } = row;
  const column = row.columns[cell]!;
  const before = column.heatIn;
  for (const seconds of dueSteps(row.contact[cell]!, true)) {
    stepIron(column, seconds, plate.temperatureC, bench.contact ?? IRON.contact);
    look(row, cell, seconds);
  }
  noteLeft(row, cell, row.timeS);
  return column.heatIn - before;
}

/** One place through one tick; gives the heat that the plate gave to it, J/m². */
function stepCell(
  row: IronRow,
  cell: number,
  tick: { dt: number; contact: [number, number] | undefined; speed: number },
): number {
  const { bench, plate } = row;
  const column = row.columns[cell]!;
  const { dt, contact, speed } = tick;
  const inAir = (seconds: number, fromS: number) => {
    if (seconds <= 0) return;
    const before = filmMostC(column);
    stepIron(column, seconds, bench.roomC, IRON.convection);
    look(row, cell, seconds);
    if (Number.isNaN(row.leftAtS[cell]!) || isMolten(column)) return;
    const cooled = before - filmMostC(column);
    const share = cooled > 0 ? Math.max(0, (before - column.meltingC) / cooled) : 0;
    noteTrail(row, cell, row.timeS + fromS + share * seconds);
  };
  if (!contact) {
    inAir(dt, 0);
    return 0;
  }
  const [begin, end] = contact;
  inAir(begin, 0);
  if (!Number.isNaN(row.leftAtS[cell]!)) noteTrail(row, cell, row.timeS + begin);
  const before = column.heatIn;
  const isNew = Number.isNaN(row.contact[cell]!.lengthS);
  if (isNew) row.contact[cell] = newContact(bench, speed);
  const meet = row.contact[cell]!;
  meet.passedS += end - begin;
  meet.movedM += Math.abs(speed) * (end - begin);
  const isLeft = end < dt;
  for (const seconds of dueSteps(meet, isLeft)) {
    stepIron(column, seconds, plate.temperatureC, bench.contact ?? IRON.contact);
    look(row, cell, seconds);
  }
  const given = column.heatIn - before;
  if (isLeft) {
    noteLeft(row, cell, row.timeS + end);
    inAir(dt - end, end);
  }
  return given;
}

function tickRow(row: IronRow, to: IronHold, dt: number): void {
  const { bench, hold, columns, cellM } = row;
  const isOn = hold.isDown && to.isDown;
  const path = {
    fromM: hold.placeM,
    toM: to.placeM,
    halfM: 0.5 * bench.iron.plateLengthM,
    dt,
  };
  const speed = (to.placeM - hold.placeM) / dt;
  let heat = 0;
  for (let cell = 0; cell < columns.length; cell += 1) {
    const contact = isOn ? contactOf((cell + 0.5) * cellM, path) : undefined;
    if (!contact && !Number.isNaN(row.contact[cell]!.lengthS)) heat += leave(row, cell);
    heat += stepCell(row, cell, { dt, contact, speed });
  }
  const width = Math.min(bench.ski.widthM, bench.iron.plateWidthM ?? bench.ski.widthM);
  const watts = (heat * width * cellM) / dt;
  const overRoom = row.plate.temperatureC - bench.roomC;
  const drawWPerK = overRoom > 0 ? watts / overRoom : 0;
  row.plate = runPlate(row.plate, bench, dt, drawWPerK, bench.roomC).plate;
  row.hold = to;
  row.timeS += dt;
}

/**
 * Moves the iron evenly to a place within some seconds; the ski and the plate go along. It touches on its way only where
 * it is down at both ends: put down elsewhere, it went through the air. No seconds: it is there.
 */
export function moveIron(row: IronRow, to: IronHold, seconds: number): void {
  if (seconds <= 0) {
    row.hold = to;
    return;
  }
  const ticks = Math.max(1, Math.ceil(seconds / TICK_S - 1e-9));
  const from = row.hold;
  const isOn = from.isDown && to.isDown;
  for (let k = 1; k <= ticks; k += 1) {
    const share = k / ticks;
    const placeM = from.placeM + share * (to.placeM - from.placeM);
    tickRow(row, { placeM, isDown: k < ticks ? isOn : to.isDown }, seconds / ticks);
  }
}

/** Share of what was empty that the wax filled, by place, 0…1. */
export const uptakeByPlace = ({ past }: IronRow): number[] => Array.from(past.diffusedM2, uptakeOf);

/** Which places are liquid now: what shines. */
export const shineOf = ({ columns }: IronRow): boolean[] => columns.map(isMolten);

/** Where the base has softened or the film has smoked so far. */
export function isHurtNow({ past, bench }: IronRow): boolean[] {
  const smokeC = smokeOf(bench.wax);
  return Array.from(
    past.peakC,
    (peakC, cell) => peakC > IRON.warnBaseC || past.filmMostC[cell]! > smokeC,
  );
}
