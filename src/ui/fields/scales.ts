'use client';

import * as convert from '../../core/units';
import { useUnits } from '../format/units-context';
import type { Scale } from './number-field';

const same = (value: number) => value;
const times = (factor: number) => (value: number) => value * factor;
const guarded = (convert: (value: number) => number) => (value: number) =>
  Number.isFinite(value) ? convert(value) : NaN;

const plainScale = (unit: string): Scale => ({ unit, toShown: same, toStored: same });
const PERCENT: Scale = { unit: '%', toShown: times(100), toStored: times(0.01) };

/** The scales of every quantity that is typed, in this device's units. */
export function useScales() {
  const units = useUnits();
  return {
    temperature:
      units.temperature === 'F'
        ? {
            unit: '°F',
            toShown: guarded(convert.fahrenheitFromCelsius),
            toStored: guarded(convert.celsiusFromFahrenheit),
          }
        : plainScale('°C'),
    difference:
      units.temperature === 'F'
        ? { unit: '°F', toShown: times(1.8), toStored: times(1 / 1.8) }
        : plainScale('°C'),
    humidity: PERCENT,
    distance:
      units.distance === 'mi'
        ? {
            unit: 'mi',
            toShown: convert.milesFromKilometres,
            toStored: convert.kilometresFromMiles,
          }
        : plainScale('km'),
    altitude:
      units.length === 'ft'
        ? { unit: 'ft', toShown: convert.feetFromMetres, toStored: convert.metresFromFeet }
        : plainScale('m'),
    degrees: plainScale('°'),
    wind: plainScale('m/s'),
    hours: plainScale('h'),
    minutes: plainScale('min'),
    seconds: plainScale('s'),
    micrometres: plainScale('µm'),
    grams: plainScale('g'),
    money: plainScale(''),
    centimetres: plainScale('cm'),
    millimetres: plainScale('mm'),
    kilograms: plainScale('kg'),
    fraction: plainScale(''),
    count: plainScale(''),
  } satisfies Record<string, Scale>;
}
