import { ICE_HEAT_CAPACITY } from './constants';
import { snowConductivity, type Grid } from './grid';

/**
 * The implicit conduction step, prepared. The tridiagonal system is eliminated from the bottom up, so
 * that all but the surface row depends on the snow and the step only: it is factored once for all
 * members and steps, and a step costs two multiply-adds a layer.
 */
export interface Conduction {
  timeStepS: number;
  /** Heat capacity of each layer, J/m²/K. */
  capacity: Float64Array;
  /** Conductance between layer i and i + 1, W/m²/K; the last is 0: no flux at the bottom. */
  conductance: Float64Array;
  /** Conductance from the surface to the first centre, W/m²/K. */
  surfaceConductance: number;
  /** Diagonal after elimination, inverted, K·m²·s/J-like; index 0 is left to the surface row. */
  inversePivot: Float64Array;
  /** What of row i + 1's right side goes into row i. */
  carry: Float64Array;
  /** Diagonal of the first row without the surface flux. */
  firstDiagonal: number;
}

/** Prepares the step for layers of these densities, kg/m³ (one a layer), and step, s. */
export function prepareConduction(
  grid: Grid,
  densities: Float64Array,
  timeStepS: number,
): Conduction {
  const { layers, thickness } = grid;
  const capacity = new Float64Array(layers);
  const conductance = new Float64Array(layers);
  const inversePivot = new Float64Array(layers);
  const carry = new Float64Array(layers);
  const resistance = new Float64Array(layers);
  for (let i = 0; i < layers; i += 1) {
    capacity[i] = densities[i]! * thickness[i]! * ICE_HEAT_CAPACITY;
    resistance[i] = (0.5 * thickness[i]!) / snowConductivity(densities[i]!);
  }
  for (let i = 0; i + 1 < layers; i += 1) {
    conductance[i] = 1 / (resistance[i]! + resistance[i + 1]!);
  }
  let firstDiagonal = 0;
  for (let i = layers - 1; i >= 0; i -= 1) {
    const above = i > 0 ? conductance[i - 1]! : 0;
    let diagonal = capacity[i]! / timeStepS + above + conductance[i]!;
    if (i + 1 < layers) diagonal -= conductance[i]! * conductance[i]! * inversePivot[i + 1]!;
    inversePivot[i] = 1 / diagonal;
    if (i > 0) carry[i - 1] = above * inversePivot[i]!;
    else firstDiagonal = diagonal;
  }
  return {
    timeStepS,
    capacity,
    conductance,
    surfaceConductance: 1 / resistance[0]!,
    inversePivot,
    carry,
    firstDiagonal,
  };
}

/**
 * Eliminates from the bottom up: `right` (W/m², one a layer from `at`) holds capacity·T/step plus
 * sources on entry; afterwards entry i holds row i with all below it folded in.
 */
export function eliminateUpInto(conduction: Conduction, right: Float64Array, at: number): void {
  const { carry } = conduction;
  for (let i = carry.length - 2; i >= 0; i -= 1) {
    right[at + i] = right[at + i]! + carry[i]! * right[at + i + 1]!;
  }
}

/** Fills temperatures below the first layer, whose temperature is set at `at`, from the folded right sides. */
export function substituteDownInto(
  conduction: Conduction,
  right: Float64Array,
  temperature: Float64Array,
  at: number,
): void {
  const { inversePivot, conductance } = conduction;
  let above = temperature[at]!;
  for (let i = 1; i < inversePivot.length; i += 1) {
    above = (right[at + i]! + conductance[i - 1]! * above) * inversePivot[i]!;
    temperature[at + i] = above;
  }
}
