import { CONTACT_DEPTH_M, FUSION_HEAT, SURFACE_SUN_SHARE, WATER_DENSITY } from './constants';

/** Columns of snow. Lists of layers stand column after column, surface first: index column·layers + layer. */
export interface ColumnState {
  /** °C, at most 0. */
  temperature: Doubles;
  /** Liquid water, kg/m² in each layer. */
  water: Doubles;
  /** All water of a column, kg/m²: a dry one, without any, has half as much to do in a step. */
  totalWater: Doubles;
  /** Skin temperature, °C, one a column. */
  surface: Doubles;
  /** Energy that came in less what went out, J/m², and the sum of amounts moved, one a column. */
  energyIn: Doubles;
  energyMoved: Doubles;
  /** Right sides of the column in the making, W/m², one a layer. */
  right: Doubles;
}

/**
 * The implicit conduction step, prepared. The tridiagonal system is eliminated from the bottom up, so
 * that all but the surface row depends on the snow and the step only: it is factored once for all
 * members and steps, and a step costs two multiply-adds a layer.
 */
export interface Conduction {
  timeStepS: number;
  /** Heat capacity of each layer, J/m²/K, and over the step, W/m²/K. */
  capacity: Doubles;
  capacityRate: Doubles;
  /** Conductance from the surface to the first centre, W/m²/K. */
  surfaceConductance: number;
  /** Diagonal after elimination, inverted, m²K/W; index 0 is left to the surface row. */
  inversePivot: Doubles;
  /** What of row i + 1's right side goes into row i; and of the temperature of layer i into i + 1. */
  carry: Doubles;
  /** Diagonal of the first row without the surface flux. */
  firstDiagonal: number;
}

/** What all columns of one density profile share for a step. */
export interface ColumnStep {
  conduction: Conduction;
  /** Share of the sunlight that enters which each layer takes up; sums to 1. */
  sunShare: Doubles;
  /** Water each layer holds, kg/m², and share of the rest that drains in a step. */
  heldWater: Doubles;
  drainShare: Doubles;
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

/**
 * Carries one column through a step: conduction and surface balance implicit together, then melt or
 * refreezing layer by layer, then drainage. The surface stops at 0 °C; what it cannot warm melts.
 * Two passes over the layers, up and down, and a third where there is water or warmth for it. Allocation-free.
 * Energy is booked with every exchange.
 */
export function stepColumn(
  columns: ColumnState,
  column: i32,
  step: ColumnStep,
  forcing: SurfaceForcing,
): void {
  const conduction = step.conduction;
  const at = column * columns.right.length;
  const entering = (1 - SURFACE_SUN_SHARE) * forcing.absorbedSun;
  const folded = foldUp(columns, at, step, entering);
  const atSurface = forcing.intercept + SURFACE_SUN_SHARE * forcing.absorbedSun;
  const melted = solveSurface(columns, column, conduction, folded, atSurface, forcing.slope);
  const warmest = solveDown(columns, at, conduction);
  const coming = melted + forcing.rain;
  const isDry = columns.totalWater[column] === 0 && coming === 0 && warmest <= 0;
  const drained = isDry ? 0 : settleWater(columns, column, step, coming);
  const flux =
    (atSurface - forcing.slope * columns.surface[column]! + entering) * conduction.timeStepS;
  const latent = FUSION_HEAT * (forcing.rain - drained);
  columns.energyIn[column] = columns.energyIn[column]! + flux + latent;
  columns.energyMoved[column] =
    columns.energyMoved[column]! + Math.abs(flux) + FUSION_HEAT * (forcing.rain + drained);
}

/** Right side of each row with all below it folded in; gives that of the first layer, W/m². */
function foldUp(columns: ColumnState, at: i32, step: ColumnStep, entering: number): number {
  const temperature = columns.temperature;
  const right = columns.right;
  const sunShare = step.sunShare;
  const capacityRate = step.conduction.capacityRate;
  const carry = step.conduction.carry;
  let below: number = 0;
  for (let i = right.length - 1; i >= 0; i -= 1) {
    below = capacityRate[i]! * temperature[at + i]! + entering * sunShare[i]! + carry[i]! * below;
    right[i] = below;
  }
  return below;
}

/** Sets the first layer and the skin; gives what melts at the skin, kg/m². */
function solveSurface(
  columns: ColumnState,
  column: i32,
  conduction: Conduction,
  folded: number,
  intercept: number,
  slope: number,
): number {
  const conductance = conduction.surfaceConductance;
  const at = column * columns.right.length;
  const inverse = 1 / (conductance + slope);
  const share = conductance * inverse;
  const first = (folded + share * intercept) / (conduction.firstDiagonal + share * slope);
  const skin = (intercept + conductance * first) * inverse;
  if (skin <= 0) {
    columns.temperature[at] = first;
    columns.surface[column] = skin;
    return 0;
  }
  const held = folded / (conduction.firstDiagonal + conductance);
  columns.temperature[at] = held;
  columns.surface[column] = 0;
  return ((intercept + conductance * held) * conduction.timeStepS) / FUSION_HEAT;
}

/**
 * From the first layer, whose temperature is set, down: temperatures from the folded right sides, as if nothing
 * melted. Gives the warmest, °C.
 */
function solveDown(columns: ColumnState, at: i32, conduction: Conduction): number {
  const temperature = columns.temperature;
  const right = columns.right;
  const carry = conduction.carry;
  const inversePivot = conduction.inversePivot;
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
function settleWater(columns: ColumnState, column: i32, step: ColumnStep, coming: number): number {
  const temperature = columns.temperature;
  const water = columns.water;
  const heldWater = step.heldWater;
  const drainShare = step.drainShare;
  const capacity = step.conduction.capacity;
  const layers = columns.right.length;
  const at = column * layers;
  let moving: number = 0;
  let total: number = 0;
  for (let i = 0; i < layers; i += 1) {
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
  columns.totalWater[column] = total;
  return moving;
}

/** Where and how to read the snow as the ski feels it. */
export interface ContactProbe {
  above: i32;
  /** Weight of the layer below `above` in the temperature. */
  below: number;
  /** Share of each layer that lies in the contact depth. */
  share: Doubles;
}

/** Temperature at 1.5 cm, °C. */
export function contactTemperature(columns: ColumnState, column: i32, probe: ContactProbe): number {
  const at = column * columns.right.length + probe.above;
  const upper = columns.temperature[at]!;
  return upper + probe.below * (columns.temperature[at + 1]! - upper);
}

/** Liquid water of the top 1.5 cm, % by volume. */
export function contactWaterPercent(
  columns: ColumnState,
  column: i32,
  probe: ContactProbe,
): number {
  if (columns.totalWater[column] === 0) return 0;
  const share = probe.share;
  const at = column * columns.right.length;
  let mass: number = 0;
  for (let i = 0; i < share.length && share[i]! > 0; i += 1) {
    mass += share[i]! * columns.water[at + i]!;
  }
  return (100 * mass) / (WATER_DENSITY * CONTACT_DEPTH_M);
}
