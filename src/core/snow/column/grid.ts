import { PHYSICS } from '../../constants';
import { DomainError, requireIn } from '../../errors';
import { SNOW, SNOW_LIMITS } from '../figures';

/** Layers of the column from the surface down. */
export interface Grid {
  layers: number;
  /** Thickness, m. */
  thickness: Float64Array;
  /** Depth of the centres, m. */
  centre: Float64Array;
}

const TOLERANCE = 1e-12;

/** Growth ratio r with `first·(rⁿ − 1)/(r − 1) = total`, by bisection. */
function growthRatio(layers: number, firstM: number, totalM: number): number {
  const sum = (ratio: number) => {
    let thickness = firstM;
    let depth = 0;
    for (let i = 0; i < layers; i += 1) {
      depth += thickness;
      thickness *= ratio;
    }
    return depth;
  };
  let low = 1;
  let high = SNOW.mostGrowth;
  while (high - low > TOLERANCE) {
    const middle = 0.5 * (low + high);
    if (sum(middle) < totalM) low = middle;
    else high = middle;
  }
  return 0.5 * (low + high);
}

/**
 * Layers growing evenly from the first to the total depth, m. 2…2000 layers; the first no thicker
 * than an equal share, otherwise DomainError. Example: 20 layers from 4 mm to 0.6 m.
 */
export function growingGrid(
  layers = SNOW.layers,
  firstM = SNOW.firstLayerM,
  totalM = SNOW.columnM,
): Grid {
  requireIn('layers', layers, SNOW_LIMITS.layers);
  if (!(firstM > 0) || firstM * layers > totalM + TOLERANCE) {
    throw new DomainError({ code: 'out_of_range' }, 'firstM', firstM);
  }
  const ratio = growthRatio(layers, firstM, totalM);
  const thickness = new Float64Array(layers);
  const centre = new Float64Array(layers);
  let depth = 0;
  let next = firstM;
  for (let i = 0; i < layers; i += 1) {
    thickness[i] = next;
    centre[i] = depth + 0.5 * next;
    depth += next;
    next *= ratio;
  }
  return { layers, thickness, centre };
}

/**
 * Effective conductivity of snow, W/m/K, from its density, 50…917 kg/m³, otherwise DomainError:
 * `2.5e-6ρ² − 1.23e-4ρ + 0.024` (Calonne et al. 2011). Example: 400 → 0.3748.
 */
export function snowConductivity(densityKgPerM3: number): number {
  const rho = requireIn('densityKgPerM3', densityKgPerM3, SNOW_LIMITS.densityKgPerM3);
  const [still, linear, square] = PHYSICS.snowConductivity;
  return square * rho * rho + linear * rho + still;
}
