import { MODEL_VERSION } from '../model-version';
import { neededAdditives, type NeededAdditive } from './additives';
import { cautionsFor } from './cautions';
import { HOUSE_LIMITS } from './coefficients';
import type { GlideProduct, OutingFacts, OwnCorrection, SnowConditions } from './conditions';
import { hardness } from './hardness';
import { ledger, type LedgerLine } from './ledger';
import { snowTemperaturePoints } from './quadrature';
import { rankProducts, type RankedProduct } from './ranking';
import { structureFor, type Structure } from './structure';

/** What the conditions ask for, before any product is looked at. */
export interface Demand {
  equivalentTemperatureC: number;
  /** One-sigma spread that the snow temperature's spread gives, °C. */
  temperatureSdC: number;
  hardness: number;
  lines: LedgerLine[];
  additives: NeededAdditive[];
  structure: Structure;
}

export interface PickResult extends Demand {
  ranking: RankedProduct[];
  cautions: string[];
  modelVersion: string;
}

/** The equivalent temperature, hardness, additives and structure these conditions ask for. */
export function demand(snow: SnowConditions, outing: OutingFacts, own?: OwnCorrection): Demand {
  const { lines, equivalentTemperatureC } = ledger(snow, outing, own);
  return {
    equivalentTemperatureC,
    temperatureSdC: snow.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
    hardness: hardness(equivalentTemperatureC),
    lines,
    additives: neededAdditives(snow),
    structure: structureFor(snow),
  };
}

/**
 * The whole choice from one reading: ledger, hardness, additives, structure, and the shelf ranked by
 * expected glide loss over the spread of the snow temperature. Pure; throws DomainError on values
 * outside the ranges of {@link ledger}, on a swapped label and on an empty shelf.
 */
export function pick(
  snow: SnowConditions,
  outing: OutingFacts,
  products: readonly GlideProduct[],
  own?: OwnCorrection,
): PickResult {
  const asked = demand(snow, outing, own);
  const points = snowTemperaturePoints(snow.temperatureC, asked.temperatureSdC);
  // Every line but the first is independent of the snow temperature's error: the ledger shifts whole.
  const shift = asked.equivalentTemperatureC - snow.temperatureC;
  const equivalents = { weights: points.weights, values: points.values.map((t) => t + shift) };
  const ranking = rankProducts(
    products,
    outing,
    asked.additives,
    equivalents,
    asked.equivalentTemperatureC,
  );
  return {
    ...asked,
    ranking,
    cautions: cautionsFor(snow, outing, asked.equivalentTemperatureC, products, ranking),
    modelVersion: MODEL_VERSION,
  };
}
