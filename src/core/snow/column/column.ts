import {
  CONTACT_DEPTH_M,
  DRAINAGE_M_PER_S,
  FUSION_HEAT,
  HELD_WATER_MASS,
  SUN_DECAY_PER_M,
  SURFACE_SUN_SHARE,
  WATER_DENSITY,
} from './constants';
import {
  eliminateUpInto,
  prepareConduction,
  substituteDownInto,
  type Conduction,
} from './conduction';
import type { Grid } from './grid';

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
  /** Skin temperature, °C, one a column. */
  surface: Float64Array;
  /** Energy that came in less what went out, J/m², and the sum of amounts moved, one a column. */
  energyIn: Float64Array;
  energyMoved: Float64Array;
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
    surface: new Float64Array(count),
    energyIn: new Float64Array(count),
    energyMoved: new Float64Array(count),
    right: new Float64Array(size),
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
 * Allocation-free. Energy is booked with every exchange.
 */
export function stepColumn(
  columns: Columns,
  column: number,
  step: ColumnStep,
  forcing: SurfaceForcing,
): void {
  const { temperature, right, grid } = columns;
  const { conduction, sunShare } = step;
  const { capacity, timeStepS } = conduction;
  const { layers } = grid;
  const at = column * layers;
  const entering = (1 - SURFACE_SUN_SHARE) * forcing.absorbedSun;
  const inverseStep = 1 / timeStepS;
  for (let i = 0; i < layers; i += 1) {
    right[at + i] = capacity[i]! * inverseStep * temperature[at + i]! + entering * sunShare[i]!;
  }
  eliminateUpInto(conduction, right, at);
  const atSurface = forcing.intercept + SURFACE_SUN_SHARE * forcing.absorbedSun;
  const melted = solveSurface(columns, column, conduction, atSurface, forcing.slope);
  substituteDownInto(conduction, right, temperature, at);
  columns.water[at] = columns.water[at]! + melted + forcing.rain;
  changePhase(columns, at, capacity);
  const drained = drain(columns, at, step);
  const flux = (atSurface - forcing.slope * columns.surface[column]! + entering) * timeStepS;
  const latent = FUSION_HEAT * (forcing.rain - drained);
  columns.energyIn[column] = columns.energyIn[column]! + flux + latent;
  columns.energyMoved[column] =
    columns.energyMoved[column]! + Math.abs(flux) + FUSION_HEAT * (forcing.rain + drained);
}

/** Sets the first layer and the skin; gives what melts at the skin, kg/m². */
function solveSurface(
  columns: Columns,
  column: number,
  conduction: Conduction,
  intercept: number,
  slope: number,
): number {
  const { temperature, surface, right, grid } = columns;
  const { surfaceConductance, firstDiagonal, timeStepS } = conduction;
  const at = column * grid.layers;
  const share = surfaceConductance / (surfaceConductance + slope);
  const first = (right[at]! + share * intercept) / (firstDiagonal + share * slope);
  const skin = (intercept + surfaceConductance * first) / (surfaceConductance + slope);
  if (skin <= 0) {
    temperature[at] = first;
    surface[column] = skin;
    return 0;
  }
  const held = right[at]! / (firstDiagonal + surfaceConductance);
  temperature[at] = held;
  surface[column] = 0;
  return ((intercept + surfaceConductance * held) * timeStepS) / FUSION_HEAT;
}

/** Turns warmth above 0 °C into water, and cold into ice where there is water. */
function changePhase(columns: Columns, at: number, capacity: Float64Array): void {
  const { temperature, water } = columns;
  for (let i = 0; i < capacity.length; i += 1) {
    const t = temperature[at + i]!;
    const w = water[at + i]!;
    if (t > 0) {
      water[at + i] = w + (capacity[i]! * t) / FUSION_HEAT;
      temperature[at + i] = 0;
    } else if (t < 0 && w > 0) {
      const possible = (-capacity[i]! * t) / FUSION_HEAT;
      const frozen = possible < w ? possible : w;
      water[at + i] = w - frozen;
      temperature[at + i] = possible <= w ? 0 : t + (frozen * FUSION_HEAT) / capacity[i]!;
    }
  }
}

/** Lets water beyond what is held go down; gives what leaves at the bottom, kg/m². */
function drain(columns: Columns, at: number, step: ColumnStep): number {
  const { water } = columns;
  const { heldWater, drainShare } = step;
  let coming = 0;
  for (let i = 0; i < heldWater.length; i += 1) {
    const w = water[at + i]! + coming;
    const excess = w - heldWater[i]!;
    coming = excess > 0 ? excess * drainShare[i]! : 0;
    water[at + i] = w - coming;
  }
  return coming;
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
  const at = column * columns.grid.layers;
  let mass = 0;
  for (let i = 0; i < probe.share.length && probe.share[i]! > 0; i += 1) {
    mass += probe.share[i]! * columns.water[at + i]!;
  }
  return (100 * mass) / (WATER_DENSITY * CONTACT_DEPTH_M);
}
