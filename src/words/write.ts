import {
  differenceValue,
  distance,
  fixed,
  percent,
  signed,
  temperature,
  temperatureUnit,
} from './quantities';
import type { Units } from './units';

/** Writes SI figures in a reader's units: the one way in which a sentence gets its figures. */
export interface Writer {
  /** `−7.4 °C` or `18.7 °F`, of °C. */
  temperature: (celsius: number, decimals?: number) => string;
  /** `2.5 °C` or `4.5 °F`, of a difference in K. */
  difference: (kelvin: number, decimals?: number) => string;
  /** `+0.8 °C` or `−0.5 °C`, of a change in K. */
  change: (kelvin: number) => string;
  /** `30 km` or `18.6 mi`, of km. */
  distance: (kilometres: number) => string;
  /** `65 %`, of a fraction. */
  percent: (fraction: number) => string;
  /** `1.25 %`, of a loss in per cent. */
  loss: (percent: number, decimals?: number) => string;
  /** `2.5`: a plain number with a typographic minus. */
  number: (value: number, decimals?: number) => string;
}

/** The writer for a reader's units. */
export const writerFor = (units: Units): Writer => ({
  temperature: (celsius, decimals) => temperature(celsius, units, decimals),
  difference: (kelvin, decimals) =>
    `${fixed(differenceValue(kelvin, units), decimals)} ${temperatureUnit(units)}`,
  change: (kelvin) => `${signed(differenceValue(kelvin, units))} ${temperatureUnit(units)}`,
  distance: (kilometres) => distance(kilometres, units),
  percent,
  loss: (value, decimals = 2) => `${fixed(value, decimals)} %`,
  number: (value, decimals = 0) => fixed(value, decimals),
});
