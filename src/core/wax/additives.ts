import { humidityOverIceFraction } from '../air/saturation';
import type { Additive } from '../terms';
import { HOUSE, HOUSE_LIMITS } from './figures';
import type { SnowConditions } from './conditions';
import type { AdditiveNeed, AdditiveReason } from './findings';

export interface NeededAdditive {
  additive: AdditiveNeed;
  reason: AdditiveReason;
}

const NEED_SERVED: Record<Additive, AdditiveNeed | undefined> = {
  water_repellent: 'water_repellent',
  fluorocarbon: 'water_repellent',
  dry_lubricant: 'dry_lubricant',
  graphite: 'dry_lubricant',
  molybdenum: 'dry_lubricant',
  hardener: undefined,
};

const PENALTY_MISSING: Record<AdditiveNeed, number> = {
  water_repellent: HOUSE.missingWaterRepellent.mean,
  dry_lubricant: HOUSE.missingDryLubricant.mean,
};

function waterRepellentReason(snow: SnowConditions): AdditiveReason | undefined {
  if (snow.wetness === 'wet' || snow.wetness === 'very_wet' || snow.wetness === 'soaked') {
    return { code: 'free_water' };
  }
  const overIce = humidityOverIceFraction(
    snow.airTemperatureC ?? snow.temperatureC,
    snow.humidityFraction,
  );
  return overIce > HOUSE_LIMITS.hoarHumidityOverIce
    ? { code: 'humid_air', humidityOverIce: overIce }
    : undefined;
}

function dryLubricantReason(snow: SnowConditions): AdditiveReason | undefined {
  if (snow.dirt === 'dirty') return { code: 'dirty_snow' };
  if (snow.origin === 'machine_made') return { code: 'machine_made_dirt' };
  return isStatic(snow.temperatureC, snow.humidityFraction) ? { code: 'static_charge' } : undefined;
}

/**
 * What additives these conditions ask for (house): water-repellent when the air is over 95 % over
 * ice or the snow is wet; dry lubricant when machine-made, dirty, or cold and dry.
 */
export function neededAdditives(snow: SnowConditions): NeededAdditive[] {
  const needed: NeededAdditive[] = [];
  const water = waterRepellentReason(snow);
  if (water) needed.push({ additive: 'water_repellent', reason: water });
  const dry = dryLubricantReason(snow);
  if (dry) needed.push({ additive: 'dry_lubricant', reason: dry });
  return needed;
}

export interface AdditiveVerdict {
  penaltyPercent: number;
  missing: AdditiveNeed[];
  needless: AdditiveNeed[];
}

/** What a product's additives cost, %, against the needs: missing ones, and those with nothing to do. */
export function additiveVerdict(
  additives: readonly Additive[],
  needed: readonly Pick<NeededAdditive, 'additive'>[],
): AdditiveVerdict {
  const wanted = new Set(needed.map((need) => need.additive));
  const served = new Set<AdditiveNeed>();
  for (const additive of additives) {
    const need = NEED_SERVED[additive];
    if (need) served.add(need);
  }
  const missing = [...wanted].filter((need) => !served.has(need));
  const needless = [...served].filter((need) => !wanted.has(need));
  const penaltyPercent =
    missing.reduce((sum, need) => sum + PENALTY_MISSING[need], 0) +
    needless.length * HOUSE.needlessAdditive.mean;
  return { penaltyPercent, missing, needless };
}

/** Bits of a set of needs. */
const NEED_BIT: Record<AdditiveNeed, number> = { water_repellent: 1, dry_lubricant: 2 };

/** Humidity over water from which air at a temperature lays hoar: the house limit over ice. */
export const hoarHumidity = (airTemperatureC: number): number =>
  HOUSE_LIMITS.hoarHumidityOverIce / humidityOverIceFraction(airTemperatureC, 1);

/** Whether snow so cold under air so dry charges a base. */
export const isStatic = (temperatureC: number, humidityFraction: number): boolean =>
  temperatureC < HOUSE_LIMITS.staticColderThanC && humidityFraction < HOUSE_LIMITS.staticDrierThan;

/** The set of needs, as bits, that {@link neededAdditives} finds in words. */
export function needBits(isRepelling: boolean, isLubricating: boolean): number {
  return (
    (isRepelling ? NEED_BIT.water_repellent : 0) | (isLubricating ? NEED_BIT.dry_lubricant : 0)
  );
}

/** Sets that can be made of the needs. */
export const NEED_SETS = 1 << Object.keys(NEED_BIT).length;

const penaltiesKnown = new WeakMap<readonly Additive[], Float64Array>();

/** What a product's additives cost, %, under each set of needs (index: as {@link needBits} makes them). */
export function penaltiesByNeeds(additives: readonly Additive[]): Float64Array {
  const known = penaltiesKnown.get(additives);
  if (known) return known;
  const penalties = Float64Array.from({ length: NEED_SETS }, (_, bits) => {
    const needed = (Object.keys(NEED_BIT) as AdditiveNeed[])
      .filter((need) => (bits & NEED_BIT[need]) !== 0)
      .map((additive) => ({ additive }));
    return additiveVerdict(additives, needed).penaltyPercent;
  });
  penaltiesKnown.set(additives, penalties);
  return penalties;
}
