import { fahrenheitFromCelsius } from './convert';

export type TemperatureUnit = 'C' | 'F';

const figure = (value: number, decimals: number) => {
  const text = value.toFixed(decimals);
  return /^-0\.?0*$/.test(text) ? text.slice(1) : text.replace('-', '−');
};

/** A temperature as a sentence says it: `−7.4 °C`, or in °F. */
export const writeTemperature = (celsius: number, unit: TemperatureUnit, decimals = 1): string =>
  `${figure(unit === 'F' ? fahrenheitFromCelsius(celsius) : celsius, decimals)} °${unit}`;

/** A difference of temperatures as a sentence says it: `2.5 °C`, or in °F. */
export const writeSpan = (kelvin: number, unit: TemperatureUnit, decimals = 1): string =>
  `${figure(unit === 'F' ? kelvin * 1.8 : kelvin, decimals)} °${unit}`;
