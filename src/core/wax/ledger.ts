import { requireIn, requireWithin } from '../errors';
import { SETTLED_SHARPNESS, grainShape, sharpness } from '../snow/grain-shape';
import { HOUSE, HOUSE_LIMITS, WAX_LIMITS } from './figures';
import type { OutingFacts, OwnCorrection, SnowConditions } from './conditions';
import type { LedgerKey, LedgerReason } from './findings';
import type { Grain } from '../terms';
import { houseLines, learnedSdC, type LearnedLedger } from './learned';
import {
  abrasionTermC,
  abrasiveness,
  distanceTermC,
  dryCapTermC,
  humidityTermC,
  sharpnessTermC,
  temperatureTermC,
  waterOf,
  wetnessTermC,
} from './terms';

export interface LedgerLine {
  key: LedgerKey;
  valueC: number;
  reason: LedgerReason;
}

export interface Ledger {
  equivalentTemperatureC: number;
  lines: LedgerLine[];
  /** Spread of the sum by what the ledger does not know, °C. */
  modelSdC: number;
}

const sumOf = (lines: readonly LedgerLine[]): number =>
  lines.reduce((sum, line) => sum + line.valueC, 0);

/** Blocks and crusts bite by abrasion, not by branches: as to sharpness they are as if nobody had looked. */
const bitesByAbrasion = (grain: Grain): boolean => grain === 'MM' || grain === 'refrozen_crust';

/** Sharpness the ledger uses: the person's own, else the grain's, else settled snow. */
export function effectiveSharpness(snow: Pick<SnowConditions, 'sharpness' | 'grain'>): number {
  if (snow.sharpness !== undefined)
    return requireWithin('sharpness', { value: snow.sharpness, low: 0, high: 1 });
  if (!snow.grain || bitesByAbrasion(snow.grain)) return SETTLED_SHARPNESS;
  return sharpness(grainShape(snow.grain));
}

function sharpnessLine(snow: SnowConditions): LedgerLine {
  const value = effectiveSharpness(snow);
  const observed = snow.sharpness !== undefined || snow.grain !== undefined;
  const says = HOUSE_LIMITS.sharpnessSays;
  const shape =
    value > SETTLED_SHARPNESS + says
      ? 'grain_sharp'
      : value < SETTLED_SHARPNESS - says
        ? 'grain_rounded'
        : 'grain_settled';
  return {
    key: 'sharpness',
    // Adding 0 turns a negative zero into a plain one.
    valueC: sharpnessTermC(value) + 0,
    reason: { code: observed ? shape : 'grain_not_given' },
  };
}

function humidityLine(humidityFraction: number, waterPercent: number): LedgerLine {
  const humidity = requireWithin('humidityFraction', { value: humidityFraction, low: 0, high: 1 });
  const valueC = humidityTermC(humidity, waterPercent);
  const says = HOUSE_LIMITS.humiditySaysC;
  const code =
    waterPercent >= HOUSE_LIMITS.airCountsUntilPercent
      ? 'humidity_idle'
      : valueC > says
        ? 'humidity_moist'
        : valueC < -says
          ? 'humidity_dry'
          : 'humidity_middling';
  return { key: 'humidity', valueC: valueC + 0, reason: { code } };
}

/** A glazed track, or a crust that was wet and froze. */
export const isHardTrack = ({ glazed, grain }: Pick<SnowConditions, 'glazed' | 'grain'>): boolean =>
  glazed || grain === 'refrozen_crust';

function abrasionLine(snow: SnowConditions, waterPercent: number): LedgerLine {
  const isHard = isHardTrack(snow);
  const valueC = abrasionTermC(abrasiveness(snow.origin, isHard), waterPercent) + 0;
  const reason: LedgerReason =
    valueC === 0 && (isHard || snow.origin !== 'natural')
      ? { code: 'abrasion_idle' }
      : isHard
        ? { code: 'hard_track', origin: snow.origin }
        : { code: 'origin', origin: snow.origin };
  return { key: 'abrasion', valueC, reason };
}

function temperatureLine(snow: SnowConditions, waterPercent: number): LedgerLine {
  const temperatureC = requireIn('temperatureC', snow.temperatureC, WAX_LIMITS.snowTemperatureC);
  const isAtZero = waterPercent >= HOUSE_LIMITS.dryUntilPercent && temperatureC < 0;
  return {
    key: 'temperature',
    valueC: temperatureTermC(temperatureC, waterPercent) + 0,
    reason: { code: isAtZero ? 'wet_snow_at_zero' : 'measured_at_base' },
  };
}

function distanceLine(outing: OutingFacts): LedgerLine {
  const distanceKm = requireIn('distanceKm', outing.distanceKm, WAX_LIMITS.distanceKm);
  const valueC = distanceTermC(distanceKm);
  return {
    key: 'distance',
    valueC,
    reason: { code: valueC < 0 ? 'distance_long' : 'distance_short' },
  };
}

function ownLine(own: OwnCorrection): LedgerLine {
  const most = HOUSE_LIMITS.ownMostC;
  const { learned } = own;
  const venueC = requireWithin('own_venue', { value: own.venueC, low: -most, high: most });
  const handC = requireWithin('own_hand', { value: own.handC, low: -most, high: most });
  return {
    key: 'own',
    valueC: venueC + handC + (learned?.offsetC ?? 0),
    reason: learned
      ? { code: 'own_learned', venueC, handC, learnedC: learned.offsetC, ...learned.here }
      : venueC === 0 && handC === 0
        ? { code: 'own_none' }
        : { code: 'own', venueC, handC },
  };
}

const { half: HALF, wetness: WETNESS_SHARE } = HOUSE_LIMITS.lineSpread;

/** How many times its house size a line is; 1 for one that nothing can move. */
const factorOf = (key: LedgerKey, { factors }: LearnedLedger): number =>
  (factors as Partial<Record<LedgerKey, number>>)[key] ?? 1;

/** Prior spread of each line, °C; that of the temperature is the reading's own. */
function lineSd({ key, valueC }: LedgerLine): number {
  switch (key) {
    case 'sharpness':
      return (valueC / HOUSE.sharpnessPerUnit.mean) * HOUSE.sharpnessPerUnit.sd;
    case 'humidity':
    case 'abrasion':
    case 'distance':
      return HALF * valueC;
    case 'wetness':
      return WETNESS_SHARE * valueC;
    case 'own':
      return HOUSE.ownVenue.sd;
    default:
      return 0;
  }
}

/** Spread of the sum that is the ledger's own ignorance, °C: of its lines, and of what no line knows. */
export const modelSdOf = (lines: readonly LedgerLine[]): number =>
  Math.hypot(HOUSE.unknown.sd, ...lines.map(lineSd));

/**
 * The ledger (house, second version): the equivalent snow temperature, °C, at which an ordinary wax would be right,
 * as a sum of eight lines in °C, always in the same order, each with its reason; and how little the ledger itself
 * knows. Snow with free water stands at 0 °C. Continuous in every input. Snow temperature −90…0 °C, humidity and
 * sharpness 0…1, distance 0…1000 km, own ±5 °C, otherwise DomainError.
 * Example: −12 °C, sharpness 0.95, humidity 0.40, dry, 10 km → −15.83 ± 1.89 °C.
 */
export function ledger(
  snow: SnowConditions,
  outing: OutingFacts,
  own: OwnCorrection = { venueC: 0, handC: 0 },
): Ledger {
  const water = waterOf(snow);
  const { learned } = own;
  const bySnow: LedgerLine[] = [
    temperatureLine(snow, water),
    sharpnessLine(snow),
    humidityLine(snow.humidityFraction, water),
    abrasionLine(snow, water),
    {
      key: 'wetness',
      valueC: wetnessTermC(water),
      reason: { code: 'wetness', wetness: snow.wetness },
    },
  ];
  const distance = distanceLine(outing);
  const asLearned = (line: LedgerLine): LedgerLine =>
    learned ? { ...line, valueC: line.valueC * factorOf(line.key, learned) } : line;
  const sized = bySnow.map(asLearned);
  const capC = dryCapTermC(sumOf(sized), water);
  const lines: LedgerLine[] = [
    ...sized,
    { key: 'dry_cap', valueC: capC, reason: { code: capC < 0 ? 'dry_cap' : 'dry_cap_idle' } },
    asLearned(distance),
    ownLine(own),
  ];
  return {
    lines,
    equivalentTemperatureC: sumOf(lines),
    modelSdC: learned ? learnedSdC(houseLines([...bySnow, distance]), learned) : modelSdOf(lines),
  };
}
