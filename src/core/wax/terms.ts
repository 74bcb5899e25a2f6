import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import { WETNESSES, type Origin, type Wetness } from '../terms';
import { HOUSE, HOUSE_LIMITS } from './figures';

/** The lines of the ledger as plain numbers, °C: what the ledger shows and the ensemble sums. */

const WATER_PERCENT = WETNESSES.map((word) => HOUSE_LIMITS.waterPercent[word]);

/** A function of the liquid water that is given at the classes, straight between them and level beyond the last. */
export function straightBetween(atClasses: readonly number[]): (waterPercent: number) => number {
  return (waterPercent) => {
    for (let k = 1; k < WATER_PERCENT.length; k += 1) {
      const [low, high] = [WATER_PERCENT[k - 1]!, WATER_PERCENT[k]!];
      if (waterPercent > high) continue;
      const share = (waterPercent - low) / (high - low);
      return atClasses[k - 1]! + share * (atClasses[k]! - atClasses[k - 1]!);
    }
    return atClasses.at(-1)!;
  };
}

/** How far snow is free of water, 1…0: with more it stands at 0 °C. */
export const dryness = (waterPercent: number): number =>
  Math.max(0, 1 - waterPercent / HOUSE_LIMITS.dryUntilPercent);

/** Line of the snow's temperature at contact. */
export const temperatureTermC = (temperatureC: number, waterPercent: number): number =>
  temperatureC * dryness(waterPercent);

/** Line of the grain's sharpness, 0…1. */
export const sharpnessTermC = (sharpness: number): number =>
  HOUSE.sharpnessPerUnit.mean * (sharpness - SETTLED_SHARPNESS);

/** Line of the humidity over water, 0…1; the wetter the snow, the less it counts. */
export function humidityTermC(humidityFraction: number, waterPercent: number): number {
  const most = HOUSE_LIMITS.humidityMostC;
  const raw =
    (HOUSE.humidityPerSpan.mean * (humidityFraction - HOUSE_LIMITS.neutralHumidity)) /
    HOUSE_LIMITS.humiditySpan;
  const held = raw > most ? most : raw < -most ? -most : raw;
  return held * Math.max(0, 1 - waterPercent / HOUSE_LIMITS.airCountsUntilPercent);
}

const { machineMade: MADE, mixed: MIXED, hardTrack: HARD, both: BOTH } = HOUSE_LIMITS.abrasiveness;
const ORIGIN_ABRADES: Record<Origin, number> = { natural: 0, mixed: MIXED, machine_made: MADE };

/** How much snow wears wax off, 0…1.2: by where it comes from, and by a glazed track or a refrozen crust. */
export function abrasiveness(origin: Origin, isHardTrack: boolean): number {
  const [made, hard] = [ORIGIN_ABRADES[origin], isHardTrack ? HARD : 0];
  return Math.max(made, hard) + BOTH * Math.min(made, hard);
}

const abrasionShare = straightBetween(WETNESSES.map((word) => HOUSE_LIMITS.abrasionShare[word]));

/** Line of the abrasion. */
export const abrasionTermC = (abrades: number, waterPercent: number): number =>
  HOUSE.abrasion.mean * abrades * abrasionShare(waterPercent);

const WETNESS_C: Record<Wetness, number> = {
  dry: 0,
  moist: HOUSE.moist.mean,
  wet: HOUSE.wet.mean,
  very_wet: HOUSE.veryWet.mean,
  soaked: HOUSE.soaked.mean,
};

/** Line of the liquid water, % by volume. */
export const wetnessTermC = straightBetween(WETNESSES.map((word) => WETNESS_C[word]));

/** Line that holds the sum so far at 0 on dry snow: no dry snow asks for a wax of wet snow. */
export const dryCapTermC = (sumC: number, waterPercent: number): number =>
  sumC > 0 ? -sumC * dryness(waterPercent) : 0;

/** Line of the distance, km. */
export function distanceTermC(distanceKm: number): number {
  const over = distanceKm - HOUSE_LIMITS.distanceFromKm;
  return over > 0 ? Math.max(-HOUSE_LIMITS.distanceMostC, HOUSE.distancePerKm.mean * over) : 0;
}

/** Liquid water that a class of the snowball test stands for, % by volume. */
export const waterOfClass = (wetness: Wetness): number => HOUSE_LIMITS.waterPercent[wetness];

/** Liquid water of snow, % by volume: as it is known, else by its class. */
export const waterOf = ({ waterPercent, wetness }: { waterPercent?: number; wetness: Wetness }) =>
  waterPercent ?? waterOfClass(wetness);
