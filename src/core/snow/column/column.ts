import { prepareConduction, type Conduction } from './conduction';
import type { Grid } from './grid';
import { PHYSICS } from '../../constants';
import { SNOW } from '../figures';

const { fusionHeat: FUSION_HEAT, waterDensity: WATER_DENSITY } = PHYSICS;
const {
  contactDepthM: CONTACT_DEPTH_M,
  drainageMPerS: DRAINAGE_M_PER_S,
  heldWaterMass: HELD_WATER_MASS,
} = SNOW;
const { surfaceShare: SURFACE_SUN_SHARE, decayPerM: SUN_DECAY_PER_M } = PHYSICS.sunInSnow;

/**
 * Many columns over one grid. Per-layer arrays are laid out column after column, surface first:
 * index column·layers + layer.
 */
export interface Columns {
  count: number;
  grid: Grid;
  /** °C, at most 0. */
  temperature: Float64Array;
  /** Liquid water, kg/m² in each layer. */
  water: Float64Array;
  /** All water of a column, kg/m²: a dry one, without any, has half as much to do in a step. */
  totalWater: Float64Array;
  /** Skin temperature, °C, one a column. */
  surface: Float64Array;
  /** Energy that came in less what went out, J/m², and the sum of amounts moved, one a column. */
  energyIn: Float64Array;
  energyMoved: Float64Array;
  /** Right sides of the column in the making, W/m², one a layer. */
  right: Float64Array;
}

/** What all columns of one density profile share for a step. */
export interface ColumnStep {
  conduction: Conduction;
  /** Share of the sunlight that enters which each layer takes up; sums to 1. */
  sunShare: Float64Array;
  /** Water each layer holds, kg/m², and share of the rest that drains in a step. */
  heldWater: Float64Array;
  drainShare: Float64Array;
}

/** What reaches one column's surface in a step. */
export interface SurfaceForcing {
  /** Flux into the surface, W/m²: intercept − slope·T, without the sun. */
  intercept: number;
  slope: number;
  /** Sunlight absorbed, W/m². */
  absorbedSun: number;
  /** Rain, kg/m² in the step, at 0 °C. */
  rain: number;
}

/** Columns at one temperature profile (°C, one a layer), dry. */
export function makeColumns(count: number, grid: Grid): Columns {
  const size = count * grid.layers;
  return {
    count,
    grid,
    temperature: new Float64Array(size),
    water: new Float64Array(size),
    totalWater: new Float64Array(count),
    surface: new Float64Array(count),
    energyIn: new Float64Array(count),
    energyMoved: new Float64Array(count),
    right: new Float64Array(grid.layers),
  };
}

/** Prepares a step of `timeStepS` for a density profile, kg/m³ one a layer. */
export function prepareColumnStep(
  grid: Grid,
  densities: Float64Array,
  timeStepS: number,
): ColumnStep {
  const { layers, thickness } = grid;
  const sunShare = new Float64Array(layers);
  const heldWater = new Float64Array(layers);
  const drainShare = new Float64Array(layers);
  let depth = 0;
  let left = 1;
  for (let i = 0; i < layers; i += 1) {
    depth += thickness[i]!;
    const below = i + 1 < layers ? Math.exp(-SUN_DECAY_PER_M * depth) : 0;
    sunShare[i] = left - below;
    left = below;
    heldWater[i] = HELD_WATER_MASS * densities[i]! * thickness[i]!;
    drainShare[i] = 1 - Math.exp((-DRAINAGE_M_PER_S * timeStepS) / thickness[i]!);
  }
  return {
    conduction: prepareConduction(grid, densities, timeStepS),
    sunShare,
    heldWater,
    drainShare,
  };
}

/**
 * Carries one column through a step: conduction and surface balance implicit together, then melt or
 * refreezing layer by layer, then drainage. The surface stops at 0 °C; what it cannot warm melts.
 * Two passes over the layers, up and down, and a third where there is water or warmth for it. Allocation-free.
 * Energy is booked with every exchange.
 */
export function stepColumn(
  columns: Columns,
  column: number,
  step: ColumnStep,
  forcing: SurfaceForcing,
): void {
  const { conduction } = step;
  const { timeStepS } = conduction;
  const at = column * columns.grid.layers;
  const entering = (1 - SURFACE_SUN_SHARE) * forcing.absorbedSun;
  const folded = foldUp(columns, at, step, entering);
  const atSurface = forcing.intercept + SURFACE_SUN_SHARE * forcing.absorbedSun;
  const melted = solveSurface(columns, column, conduction, folded, atSurface, forcing.slope);
  const warmest = solveDown(columns, at, conduction);
  const coming = melted + forcing.rain;
  const isDry = columns.totalWater[column] === 0 && coming === 0 && warmest <= 0;
  const drained = isDry ? 0 : settleWater(columns, column, step, coming);
  const flux = (atSurface - forcing.slope * columns.surface[column]! + entering) * timeStepS;
  const latent = FUSION_HEAT * (forcing.rain - drained);
  columns.energyIn[column] = columns.energyIn[column]! + flux + latent;
  columns.energyMoved[column] =
    columns.energyMoved[column]! + Math.abs(flux) + FUSION_HEAT * (forcing.rain + drained);
}

/** Right side of each row with all below it folded in; gives that of the first layer, W/m². */
function foldUp(columns: Columns, at: number, step: ColumnStep, entering: number): number {
  const { temperature, right } = columns;
  const { sunShare } = step;
  const { capacityRate, carry } = step.conduction;
  let below = 0;
  for (let i = right.length - 1; i >= 0; i -= 1) {
    below = capacityRate[i]! * temperature[at + i]! + entering * sunShare[i]! + carry[i]! * below;
    right[i] = below;
  }
  return below;
}

/** Sets the first layer and the skin; gives what melts at the skin, kg/m². */
function solveSurface(
  columns: Columns,
  column: number,
  conduction: Conduction,
  folded: number,
  intercept: number,
  slope: number,
): number {
  const { temperature, surface, grid } = columns;
  const { surfaceConductance, firstDiagonal, timeStepS } = conduction;
  const at = column * grid.layers;
  const inverse = 1 / (surfaceConductance + slope);
  const share = surfaceConductance * inverse;
  const first = (folded + share * intercept) / (firstDiagonal + share * slope);
  const skin = (intercept + surfaceConductance * first) * inverse;
  if (skin <= 0) {
    temperature[at] = first;
    surface[column] = skin;
    return 0;
  }
  const held = folded / (firstDiagonal + surfaceConductance);
  temperature[at] = held;
  surface[column] = 0;
  return ((intercept + surfaceConductance * held) * timeStepS) / FUSION_HEAT;
}

/**
 * From the first layer, whose temperature is set, down: temperatures from the folded right sides, as if nothing
 * melted. Gives the warmest, °C.
 */
function solveDown(columns: Columns, at: number, { carry, inversePivot }: Conduction): number {
  const { temperature, right } = columns;
  let solved = temperature[at]!;
  let warmest = solved;
  for (let i = 1; i < right.length; i += 1) {
    solved = right[i]! * inversePivot[i]! + carry[i - 1]! * solved;
    temperature[at + i] = solved;
    if (solved > warmest) warmest = solved;
  }
  return warmest;
}

/**
 * Layer by layer: warmth above 0 °C becomes water, cold freezes what water there is; and water beyond what is held
 * goes on down. `coming` is the water that enters on top; gives what leaves at the bottom, kg/m².
 */
function settleWater(columns: Columns, column: number, step: ColumnStep, coming: number): number {
  const { temperature, water, totalWater, right } = columns;
  const { heldWater, drainShare } = step;
  const { capacity } = step.conduction;
  const at = column * right.length;
  let moving = 0;
  let total = 0;
  for (let i = 0; i < right.length; i += 1) {
    let t = temperature[at + i]!;
    let w = i > 0 ? water[at + i]! : water[at]! + coming;
    if (t > 0) {
      w += (capacity[i]! * t) / FUSION_HEAT;
      t = 0;
    } else if (w > 0) {
      const possible = (-capacity[i]! * t) / FUSION_HEAT;
      t = possible <= w ? 0 : t + (w * FUSION_HEAT) / capacity[i]!;
      w -= possible < w ? possible : w;
    }
    temperature[at + i] = t;
    w += moving;
    const excess = w - heldWater[i]!;
    moving = excess > 0 ? excess * drainShare[i]! : 0;
    water[at + i] = w - moving;
    total += w - moving;
  }
  totalWater[column] = total;
  return moving;
}

/** Energy stored in a column, J/m², ice at 0 °C being zero. */
export function storedEnergy(columns: Columns, column: number, capacity: Float64Array): number {
  const at = column * columns.grid.layers;
  let energy = 0;
  for (let i = 0; i < capacity.length; i += 1) {
    energy += capacity[i]! * columns.temperature[at + i]! + FUSION_HEAT * columns.water[at + i]!;
  }
  return energy;
}

/** Where and how to read the snow as the ski feels it. */
export interface ContactProbe {
  above: number;
  /** Weight of the layer below `above` in the temperature. */
  below: number;
  /** Share of each layer that lies in the contact depth. */
  share: Float64Array;
}

/** The contact depth of 1.5 cm on a grid. */
export function contactProbe(grid: Grid): ContactProbe {
  const { layers, thickness, centre } = grid;
  const share = new Float64Array(layers);
  let above = 0;
  let depth = 0;
  for (let i = 0; i < layers; i += 1) {
    const overlap = Math.min(thickness[i]!, Math.max(0, CONTACT_DEPTH_M - depth));
    share[i] = overlap / thickness[i]!;
    if (centre[i]! <= CONTACT_DEPTH_M && i + 1 < layers) above = i;
    depth += thickness[i]!;
  }
  const below = (CONTACT_DEPTH_M - centre[above]!) / (centre[above + 1]! - centre[above]!);
  return { above, below: Math.min(1, Math.max(0, below)), share };
}

/** Temperature at 1.5 cm, °C. */
export function contactTemperature(columns: Columns, column: number, probe: ContactProbe): number {
  const at = column * columns.grid.layers + probe.above;
  const upper = columns.temperature[at]!;
  return upper + probe.below * (columns.temperature[at + 1]! - upper);
}

/** Liquid water of the top 1.5 cm, % by volume. */
export function contactWaterPercent(columns: Columns, column: number, probe: ContactProbe): number {
  if (columns.totalWater[column] === 0) return 0;
  const at = column * columns.grid.layers;
  let mass = 0;
  for (let i = 0; i < probe.share.length && probe.share[i]! > 0; i += 1) {
    mass += probe.share[i]! * columns.water[at + i]!;
  }
  return (100 * mass) / (WATER_DENSITY * CONTACT_DEPTH_M);
}
