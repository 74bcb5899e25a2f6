import { snowConductivity, type Grid } from './grid';
import type { Conduction } from '../../kernel';
import { PHYSICS } from '../../constants';

const { iceHeatCapacity: ICE_HEAT_CAPACITY } = PHYSICS;

/** Prepares the step for layers of these densities, kg/m³ (one a layer), and step, s. */
export function prepareConduction(
  grid: Grid,
  densities: Float64Array,
  timeStepS: number,
): Conduction {
  const { layers, thickness } = grid;
  const capacity = new Float64Array(layers);
  const capacityRate = new Float64Array(layers);
  const conductance = new Float64Array(layers);
  const inversePivot = new Float64Array(layers);
  const carry = new Float64Array(layers);
  const resistance = new Float64Array(layers);
  for (let i = 0; i < layers; i += 1) {
    capacity[i] = densities[i]! * thickness[i]! * ICE_HEAT_CAPACITY;
    capacityRate[i] = capacity[i]! / timeStepS;
    resistance[i] = (0.5 * thickness[i]!) / snowConductivity(densities[i]!);
  }
  for (let i = 0; i + 1 < layers; i += 1) {
    conductance[i] = 1 / (resistance[i]! + resistance[i + 1]!);
  }
  let firstDiagonal = 0;
  for (let i = layers - 1; i >= 0; i -= 1) {
    const above = i > 0 ? conductance[i - 1]! : 0;
    let diagonal = capacityRate[i]! + above + conductance[i]!;
    if (i + 1 < layers) diagonal -= conductance[i]! * conductance[i]! * inversePivot[i + 1]!;
    inversePivot[i] = 1 / diagonal;
    if (i > 0) carry[i - 1] = above * inversePivot[i]!;
    else firstDiagonal = diagonal;
  }
  return {
    timeStepS,
    capacity,
    capacityRate,
    surfaceConductance: 1 / resistance[0]!,
    inversePivot,
    carry,
    firstDiagonal,
  };
}
