import { DomainError, requireWithin } from '../../errors';

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
  let high = 4;
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
export function growingGrid(layers = 20, firstM = 0.004, totalM = 0.6): Grid {
  requireWithin('layers', layers, 2, 2000);
  if (!(firstM > 0) || firstM * layers > totalM + TOLERANCE) {
    throw new DomainError('out_of_range', 'firstM', firstM, 'The first layer is too thick.');
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
  const rho = requireWithin('densityKgPerM3', densityKgPerM3, 50, 917);
  return 2.5e-6 * rho * rho - 1.23e-4 * rho + 0.024;
}
