import type { ColumnState, ColumnStep, ContactProbe } from '../../kernel';
import { prepareConduction } from './conduction';
import type { Grid } from './grid';
import { PHYSICS } from '../../constants';
import { SNOW } from '../figures';

const { fusionHeat: FUSION_HEAT } = PHYSICS;
const {
  contactDepthM: CONTACT_DEPTH_M,
  drainageMPerS: DRAINAGE_M_PER_S,
  heldWaterMass: HELD_WATER_MASS,
} = SNOW;
const { decayPerM: SUN_DECAY_PER_M } = PHYSICS.sunInSnow;

/** Many columns over one grid. */
export interface Columns extends ColumnState {
  count: number;
  grid: Grid;
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

/** Energy stored in a column, J/m², ice at 0 °C being zero. */
export function storedEnergy(columns: Columns, column: number, capacity: Float64Array): number {
  const at = column * columns.grid.layers;
  let energy = 0;
  for (let i = 0; i < capacity.length; i += 1) {
    energy += capacity[i]! * columns.temperature[at + i]! + FUSION_HEAT * columns.water[at + i]!;
  }
  return energy;
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
