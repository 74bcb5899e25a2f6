import { requireWithin } from '../errors';
import { SETTLED_SHARPNESS, grainShape, sharpness } from '../snow/grain-shape';
import type { Wetness } from '../terms';
import { HOUSE, HOUSE_LIMITS } from './coefficients';
import type { OutingFacts, OwnCorrection, SnowConditions } from './conditions';
import { distanceTermC, humidityTermC, ORIGIN_C, sharpnessTermC, WETNESS_C } from './terms';

export interface LedgerLine {
  key: string;
  label: string;
  valueC: number;
  reason: string;
}

export interface Ledger {
  equivalentTemperatureC: number;
  lines: LedgerLine[];
}

const WETNESS_REASON: Record<Wetness, string> = {
  dry: 'No free water.',
  moist: 'A snowball holds: some free water.',
  wet: 'Water shows between the grains.',
  very_wet: 'Water can be pressed out by hand.',
  soaked: 'Slush, flooded with water.',
};

/** Sharpness the ledger uses: the person's own, else the grain's, else settled snow. */
export function effectiveSharpness(snow: Pick<SnowConditions, 'sharpness' | 'grain'>): number {
  if (snow.sharpness !== undefined) return requireWithin('sharpness', snow.sharpness, 0, 1);
  return snow.grain ? sharpness(grainShape(snow.grain)) : SETTLED_SHARPNESS;
}

function sharpnessLine(snow: SnowConditions): LedgerLine {
  const value = effectiveSharpness(snow);
  const observed = snow.sharpness !== undefined || snow.grain !== undefined;
  const shape =
    value > SETTLED_SHARPNESS + 0.1
      ? 'Sharp crystals bite: harder.'
      : value < SETTLED_SHARPNESS - 0.1
        ? 'Rounded grains do not bite: softer.'
        : 'Settled snow: neutral.';
  return {
    key: 'sharpness',
    label: 'Sharpness of the grain',
    // Adding 0 turns a negative zero into a plain one.
    valueC: sharpnessTermC(value) + 0,
    reason: observed ? shape : 'Grain not given, taken as settled snow: neutral.',
  };
}

function humidityLine(snow: SnowConditions): LedgerLine {
  const humidity = requireWithin('humidityFraction', snow.humidityFraction, 0, 1);
  const line = { key: 'humidity', label: 'Humidity of the air' };
  if (snow.wetness !== 'dry') {
    return { ...line, valueC: 0, reason: 'Counts on dry snow only; this snow is wet already.' };
  }
  const valueC = humidityTermC(humidity);
  const reason =
    valueC > 0.2
      ? 'Moist air rounds the crystals: softer.'
      : valueC < -0.2
        ? 'Dry air keeps crystals sharp: harder.'
        : 'Middling humidity: neutral.';
  return { ...line, valueC, reason };
}

function originLine(snow: SnowConditions): LedgerLine {
  const line = { key: 'machine_made', label: 'Machine-made snow' };
  if (snow.origin === 'natural') return { ...line, valueC: 0, reason: 'Natural snow.' };
  if (snow.wetness !== 'dry') {
    return { ...line, valueC: 0, reason: 'Counts on dry snow only; water has taken its edge.' };
  }
  return snow.origin === 'machine_made'
    ? { ...line, valueC: ORIGIN_C.machine_made, reason: 'Dense and abrasive: harder.' }
    : { ...line, valueC: ORIGIN_C.mixed, reason: 'Partly machine-made: a little harder.' };
}

function distanceLine(outing: OutingFacts): LedgerLine {
  const distanceKm = requireWithin('distanceKm', outing.distanceKm, 0, 1000);
  const valueC = distanceTermC(distanceKm);
  return {
    key: 'distance',
    label: 'Distance',
    valueC,
    reason: valueC < 0 ? 'It has to last: harder.' : 'Short enough not to matter.',
  };
}

function ownLines(own: OwnCorrection): LedgerLine[] {
  const most = HOUSE_LIMITS.ownMostC;
  const rows: [string, string, number, string][] = [
    ['own_venue', 'Your correction for this venue', own.venueC, 'Set on the venue.'],
    ['own_hand', 'Your correction by hand', own.handC, 'Set by you for this choice.'],
  ];
  return rows
    .filter(([key, , valueC]) => requireWithin(key, valueC, -most, most) !== 0)
    .map(([key, label, valueC, reason]) => ({ key, label, valueC, reason }));
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
      label: 'Snow temperature',
      valueC: requireWithin('temperatureC', snow.temperatureC, -90, 0),
      reason: 'Where the ski touches; labels are in snow temperature.',
    },
    sharpnessLine(snow),
    humidityLine(snow),
    originLine(snow),
    {
      key: 'wetness',
      label: 'Wetness',
      valueC: WETNESS_C[snow.wetness],
      reason: WETNESS_REASON[snow.wetness],
    },
    {
      key: 'glazed',
      label: 'Glazed or icy track',
      valueC: snow.glazed ? HOUSE.glazed.mean : 0,
      reason: snow.glazed ? 'Polished snow wears wax off: harder.' : 'Not glazed.',
    },
    distanceLine(outing),
    ...ownLines(own),
  ];
  return {
    lines,
    equivalentTemperatureC: lines.reduce((sum, line) => sum + line.valueC, 0),
  };
}
