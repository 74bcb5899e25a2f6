import { DomainError } from '../errors';
import { additiveVerdict, type NeededAdditive } from './additives';
import type { GlideProduct, SnowConditions } from './conditions';
import { glideLossPercent, labelShape } from './loss';
import { snowTemperaturePoints } from './quadrature';

export interface LossCurve {
  id: string;
  name: string;
  /** Expected loss, %, at each equivalent temperature of the grid. */
  lossPercent: number[];
}

/** An even grid of equivalent temperatures, °C, from low to high in whole steps. */
export function equivalentGrid(lowC: number, highC: number, stepC: number): number[] {
  if (!(stepC > 0) || !(highC > lowC)) {
    throw new DomainError({ code: 'out_of_range' }, 'stepC', stepC);
  }
  const count = Math.round((highC - lowC) / stepC);
  return Array.from({ length: count + 1 }, (_, i) => lowC + i * stepC);
}

/**
 * Expected loss, %, of each product were the equivalent temperature that of the grid, with today's
 * spread of the snow temperature about it.
 */
export function lossCurves(
  products: readonly GlideProduct[],
  {
    snow,
    temperatureSdC,
    needed,
    gridC,
  }: {
    snow: SnowConditions;
    temperatureSdC: number;
    needed: readonly NeededAdditive[];
    gridC: readonly number[];
  },
): LossCurve[] {
  const { values, weights } = snowTemperaturePoints(snow.temperatureC, temperatureSdC);
  const offsets = values.map((value) => value - snow.temperatureC);
  return products.map((product) => {
    const { penaltyPercent } = additiveVerdict(product.additives, needed);
    const shape = labelShape(product.labelLowC, product.labelHighC, penaltyPercent);
    return {
      id: product.id,
      name: product.name,
      lossPercent: gridC.map((t) =>
        offsets.reduce(
          (sum, offset, i) => sum + weights[i]! * glideLossPercent(t + offset, shape),
          0,
        ),
      ),
    };
  });
}
