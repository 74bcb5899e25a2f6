import { PHYSICS } from '../constants';
import { IRON } from './figures';

const { meltingK: MELTING_K } = PHYSICS;
/** The base's cells grow from its surface by a ratio, so that the first is as thin as the film's. */
const { film: FILM_CELLS, base: BASE_CELLS, core: CORE_CELLS, growth: BASE_GROWTH } = IRON.cells;
const { most: NEWTON_MOST, toleranceK: NEWTON_K, behindKinkK: BEHIND_KINK_K } = IRON.newton;
const HALF_RANGE_K = 0.5 * IRON.meltingRangeK;

/** One point of the ski under the iron: film, base and core, as cells from the plate inward. */
export interface IronColumn {
  cells: number;
  filmCells: number;
  baseCells: number;
  thickness: Float64Array;
  /** °C. */
  temperature: Float64Array;
  /** Conductance between cell i and i + 1, W/m²/K; the last is 0: the back is left alone. */
  between: Float64Array;
  /** From the film's surface to its first centre, W/m²/K. */
  toSurface: number;
  /** Heat capacity without melting, J/m²/K. */
  capacity: Float64Array;
  /** Middle of the film's melting range, °C; NaN without a film that melts. */
  meltingC: number;
  /** Heat that came in less what went out, J/m², and the sum of amounts moved. */
  heatIn: number;
  heatMoved: number;
  scratch: Record<'diagonal' | 'right' | 'next' | 'before', Float64Array>;
}

export interface ColumnSetup {
  filmM: number;
  baseM: number;
  startC: number;
  meltingC: number;
  /** False leaves the film's own heat out: for the comparison with the exact contact. */
  hasFilmHeat?: boolean;
  /** Cells per part times this: for convergence. */
  refine?: number;
  /** A core of base material and great depth: the half-space of the exact solution. */
  isHalfSpace?: boolean;
}

/** Cells of growing thickness that sum to `totalM`. */
function growing(cells: number, totalM: number, ratio: number): number[] {
  const first = (totalM * (ratio - 1)) / (ratio ** cells - 1);
  return Array.from({ length: cells }, (_, i) => first * ratio ** i);
}

/** The column at one temperature. */
export function ironColumn(setup: ColumnSetup): IronColumn {
  const { film, base, core } = IRON;
  const refine = setup.refine ?? 1;
  const [nf, nb, nc] = [FILM_CELLS * refine, BASE_CELLS * refine, CORE_CELLS * refine];
  const growth = BASE_GROWTH ** (1 / refine);
  const backM = setup.isHalfSpace ? IRON.cells.halfSpaceM : core.thicknessM;
  const thickness = Float64Array.from([
    ...Array.from({ length: nf }, () => setup.filmM / nf),
    ...growing(nb, setup.baseM, growth),
    ...growing(nc, backM, growth),
  ]);
  const cells = thickness.length;
  const baseVolumetric = base.density * base.heatCapacity;
  const conductivityOf = (i: number) =>
    i < nf
      ? film.conductivity
      : i < nf + nb || setup.isHalfSpace
        ? base.conductivity
        : core.conductivity;
  const volumetricOf = (i: number) =>
    i < nf
      ? film.density * film.heatCapacity * (setup.hasFilmHeat === false ? 1e-9 : 1)
      : i < nf + nb || setup.isHalfSpace
        ? baseVolumetric
        : core.volumetric;
  const resistance = thickness.map((one, i) => (0.5 * one) / conductivityOf(i));
  const between = new Float64Array(cells);
  for (let i = 0; i + 1 < cells; i += 1) between[i] = 1 / (resistance[i]! + resistance[i + 1]!);
  return {
    cells,
    filmCells: nf,
    baseCells: nb,
    thickness,
    temperature: new Float64Array(cells).fill(setup.startC),
    between,
    toSurface: 1 / resistance[0]!,
    capacity: thickness.map((one, i) => one * volumetricOf(i)),
    meltingC: setup.hasFilmHeat === false ? NaN : setup.meltingC,
    heatIn: 0,
    heatMoved: 0,
    scratch: {
      diagonal: new Float64Array(cells),
      right: new Float64Array(cells),
      next: new Float64Array(cells),
      before: new Float64Array(cells),
    },
  };
}

/** Latent heat over the melting range as heat capacity, J/kg/K. */
const LATENT_PER_K = IRON.film.latentHeat / IRON.meltingRangeK;

/** Enthalpy of a film cell over its capacity, K: temperature plus what it melted. */
function enthalpyK(column: IronColumn, i: number, t: number): number {
  if (i >= column.filmCells || Number.isNaN(column.meltingC)) return t;
  const into = Math.min(IRON.meltingRangeK, Math.max(0, t - column.meltingC + HALF_RANGE_K));
  return t + (LATENT_PER_K / IRON.film.heatCapacity) * into;
}

/** Slope of the enthalpy, 1 but in the melting range. */
function slopeAt(column: IronColumn, i: number, t: number): number {
  if (i >= column.filmCells || Number.isNaN(column.meltingC)) return 1;
  const isMelting = Math.abs(t - column.meltingC) < HALF_RANGE_K;
  return isMelting ? 1 + LATENT_PER_K / IRON.film.heatCapacity : 1;
}

/**
 * Where a Newton step from `t` to `wanted` may go: not past the end of the melting range at which the enthalpy changes
 * its slope, but to just behind it. Past it, a thick film goes to and fro over the kink and never settles.
 */
function stoppedAtKink({ meltingC }: IronColumn, t: number, wanted: number): number {
  const low = meltingC - HALF_RANGE_K;
  const high = meltingC + HALF_RANGE_K;
  if (wanted > t) {
    if (t < low && wanted > low) return low + BEHIND_KINK_K;
    return t < high && wanted > high ? high + BEHIND_KINK_K : wanted;
  }
  if (t > high && wanted < high) return high - BEHIND_KINK_K;
  return t > low && wanted < low ? low - BEHIND_KINK_K : wanted;
}

/**
 * One implicit step of `dt` seconds: the surface meets `outsideC` through `exchange`, W/m²/K (a plate, or the air).
 * The film's enthalpy is solved by Newton's method, so that energy closes. Allocation-free.
 */
export function stepIron(column: IronColumn, dt: number, outsideC: number, exchange: number): void {
  const { cells, temperature, between, capacity } = column;
  const { diagonal, right, next, before } = column.scratch;
  const outer = 1 / (1 / exchange + 1 / column.toSurface);
  next.set(temperature);
  for (let i = 0; i < cells; i += 1) before[i] = enthalpyK(column, i, temperature[i]!);
  for (let k = 0; k < NEWTON_MOST; k += 1) {
    for (let i = 0; i < cells; i += 1) {
      const slope = slopeAt(column, i, next[i]!);
      const rate = capacity[i]! / dt;
      const now = enthalpyK(column, i, next[i]!);
      diagonal[i] = rate * slope + (i > 0 ? between[i - 1]! : outer) + between[i]!;
      right[i] = rate * (before[i]! - now + slope * next[i]!) + (i === 0 ? outer * outsideC : 0);
    }
    for (let i = 1; i < cells; i += 1) {
      const factor = between[i - 1]! / diagonal[i - 1]!;
      diagonal[i] = diagonal[i]! - factor * between[i - 1]!;
      right[i] = right[i]! + factor * right[i - 1]!;
    }
    let worst = 0;
    let above = 0;
    for (let i = cells - 1; i >= 0; i -= 1) {
      above = (right[i]! + (i + 1 < cells ? between[i]! * above : 0)) / diagonal[i]!;
      const reached = i < column.filmCells ? stoppedAtKink(column, next[i]!, above) : above;
      const moved = Math.abs(reached - next[i]!);
      if (moved > worst) worst = moved;
      next[i] = reached;
    }
    if (worst < NEWTON_K) break;
  }
  const heat = dt * outer * (outsideC - next[0]!);
  column.heatIn += heat;
  column.heatMoved += Math.abs(heat);
  temperature.set(next);
}

/** Temperature where film and base meet, °C: between the two cells by their conductances. */
export function baseSurfaceC(column: IronColumn): number {
  const { filmCells: f, temperature, thickness } = column;
  const film = (2 * IRON.film.conductivity) / thickness[f - 1]!;
  const base = (2 * IRON.base.conductivity) / thickness[f]!;
  return (film * temperature[f - 1]! + base * temperature[f]!) / (film + base);
}

/** Temperature at the back of the base sheet, where it is glued, °C. */
export function baseBackC(column: IronColumn): number {
  const last = column.filmCells + column.baseCells - 1;
  const { temperature, thickness } = column;
  const base = (2 * IRON.base.conductivity) / thickness[last]!;
  const core = (2 * IRON.core.conductivity) / thickness[last + 1]!;
  return (base * temperature[last]! + core * temperature[last + 1]!) / (base + core);
}

/** Warmest film cell, °C. */
export function filmMostC(column: IronColumn): number {
  let most = -Infinity;
  for (let i = 0; i < column.filmCells; i += 1) most = Math.max(most, column.temperature[i]!);
  return most;
}

/** True while any of the film is over the middle of its melting range: it flows. */
export const isMolten = (column: IronColumn): boolean => filmMostC(column) > column.meltingC;

/** Heat stored against a column at `startC`, J/m². */
export function storedHeat(column: IronColumn, startC: number): number {
  let sum = 0;
  for (let i = 0; i < column.cells; i += 1) {
    const gained = enthalpyK(column, i, column.temperature[i]!) - enthalpyK(column, i, startC);
    sum += column.capacity[i]! * gained;
  }
  return sum;
}

export const kelvin = (celsius: number): number => celsius + MELTING_K;
