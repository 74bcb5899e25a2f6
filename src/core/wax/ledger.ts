import { requireIn, requireWithin } from '../errors';
import { SETTLED_SHARPNESS, grainShape, sharpness } from '../snow/grain-shape';
import { HOUSE, HOUSE_LIMITS, WAX_LIMITS } from './figures';
import type { OutingFacts, OwnCorrection, SnowConditions } from './conditions';
import type { LedgerKey, LedgerReason } from './findings';
import { distanceTermC, humidityTermC, ORIGIN_C, sharpnessTermC, WETNESS_C } from './terms';

export interface LedgerLine {
  key: LedgerKey;
  valueC: number;
  reason: LedgerReason;
}

export interface Ledger {
  equivalentTemperatureC: number;
  lines: LedgerLine[];
}

/** Sharpness the ledger uses: the person's own, else the grain's, else settled snow. */
export function effectiveSharpness(snow: Pick<SnowConditions, 'sharpness' | 'grain'>): number {
  if (snow.sharpness !== undefined)
    return requireWithin('sharpness', { value: snow.sharpness, low: 0, high: 1 });
  return snow.grain ? sharpness(grainShape(snow.grain)) : SETTLED_SHARPNESS;
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

function humidityLine(snow: SnowConditions): LedgerLine {
  const humidity = requireWithin('humidityFraction', {
    value: snow.humidityFraction,
    low: 0,
    high: 1,
  });
  const line = { key: 'humidity' as const };
  if (snow.wetness !== 'dry') {
    return { ...line, valueC: 0, reason: { code: 'humidity_idle' } };
  }
  const valueC = humidityTermC(humidity);
  const says = HOUSE_LIMITS.humiditySaysC;
  const code =
    valueC > says ? 'humidity_moist' : valueC < -says ? 'humidity_dry' : 'humidity_middling';
  return { ...line, valueC, reason: { code } };
}

function originLine(snow: SnowConditions): LedgerLine {
  const line = { key: 'machine_made' as const };
  const reason = { code: 'origin' as const, origin: snow.origin };
  if (snow.origin === 'natural') return { ...line, valueC: 0, reason };
  if (snow.wetness !== 'dry') {
    return { ...line, valueC: 0, reason: { code: 'origin_idle' } };
  }
  return { ...line, valueC: ORIGIN_C[snow.origin], reason };
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

function ownLines(own: OwnCorrection): LedgerLine[] {
  const most = HOUSE_LIMITS.ownMostC;
  const rows: ['own_venue' | 'own_hand', number][] = [
    ['own_venue', own.venueC],
    ['own_hand', own.handC],
  ];
  return rows
    .filter(([key, valueC]) => requireWithin(key, { value: valueC, low: -most, high: most }) !== 0)
    .map(([key, valueC]) => ({ key, valueC, reason: { code: key } }));
}

/**
 * The ledger (house): the equivalent snow temperature, °C, at which an ordinary wax would be right,
 * as a sum of lines in °C, each with its reason. The seven fixed lines always stand in the same
 * order; the technician's own follow when not zero. Snow temperature −90…0 °C, humidity and
 * sharpness 0…1, distance 0…1000 km, own ±5 °C, otherwise DomainError.
 * Example: −12 °C, sharpness 0.95, humidity 0.40, dry, 10 km → −15.83 °C.
 */
export function ledger(
  snow: SnowConditions,
  outing: OutingFacts,
  own: OwnCorrection = { venueC: 0, handC: 0 },
): Ledger {
  const lines: LedgerLine[] = [
    {
      key: 'snow_temperature',
      valueC: requireIn('temperatureC', snow.temperatureC, WAX_LIMITS.snowTemperatureC),
      reason: { code: 'measured_at_base' },
    },
    sharpnessLine(snow),
    humidityLine(snow),
    originLine(snow),
    {
      key: 'wetness',
      valueC: WETNESS_C[snow.wetness],
      reason: { code: 'wetness', wetness: snow.wetness },
    },
    {
      key: 'glazed',
      valueC: snow.glazed ? HOUSE.glazed.mean : 0,
      reason: { code: snow.glazed ? 'glazed' : 'not_glazed' },
    },
    distanceLine(outing),
    ...ownLines(own),
  ];
  return {
    lines,
    equivalentTemperatureC: lines.reduce((sum, line) => sum + line.valueC, 0),
  };
}
