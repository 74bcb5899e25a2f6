import { fahrenheitFromCelsius, feetFromMetres, milesFromKilometres } from '../core/units';
import { localNumber } from './number-format';
import type { Units } from './units';

const THIN_SPACE = ' ';

/** A number with a typographic minus and a fixed number of decimals; never “−0.0”. */
export function fixed(value: number, decimals = 1): string {
  const text = value.toFixed(decimals);
  return localNumber(/^-0\.?0*$/.test(text) ? text.slice(1) : text);
}

/** A number as a change: with its sign, `+1.4` or `−2.0`; a plain `0.0` for none. */
export function signed(value: number, decimals = 1): string {
  const text = fixed(value, decimals);
  return value > 0 && Number(value.toFixed(decimals)) !== 0 ? `+${text}` : text;
}

export const temperatureUnit = (units: Units) => `°${units.temperature}`;

export const temperatureValue = (temperatureC: number, units: Units) =>
  units.temperature === 'F' ? fahrenheitFromCelsius(temperatureC) : temperatureC;

export const differenceValue = (differenceK: number, units: Units) =>
  units.temperature === 'F' ? differenceK * 1.8 : differenceK;

/** `−7.4 °C` in the device's unit. */
export function temperature(temperatureC: number, units: Units, decimals = 1): string {
  return `${fixed(temperatureValue(temperatureC, units), decimals)}${THIN_SPACE}${temperatureUnit(units)}`;
}

/** `−7.4 ± 0.8 °C` in the device's unit. */
export function temperatureWithSpread(temperatureC: number, sdC: number, units: Units): string {
  const value = fixed(temperatureValue(temperatureC, units));
  const spread = fixed(differenceValue(sdC, units));
  return `${value} ± ${spread}${THIN_SPACE}${temperatureUnit(units)}`;
}

/** `−12 … −6 °C` in the device's unit. */
export function temperatureRange(lowC: number, highC: number, units: Units): string {
  const ends = [lowC, highC].map((end) => fixed(temperatureValue(end, units), 0));
  return `${ends.join(' … ')}${THIN_SPACE}${temperatureUnit(units)}`;
}

/** `65 %`. */
export const percent = (fraction: number) => `${Math.round(fraction * 100)}${THIN_SPACE}%`;

/** A probability that never claims to be certain: `71 %`, `< 1 %`, `> 99 %`. */
export function probability(fraction: number): string {
  if (fraction > 0 && fraction < 0.01) return `<${THIN_SPACE}1${THIN_SPACE}%`;
  if (fraction > 0.99 && fraction < 1 - 1e-9) return `>${THIN_SPACE}99${THIN_SPACE}%`;
  return percent(fraction);
}

const MINUTE_S = 60;

/** A loss of glide and what it is in time: `0.32 % (1.3 s)`. */
export const lossInTime = (percent: number, inSeconds: number): string =>
  `${fixed(percent, 2)}${THIN_SPACE}% (${seconds(inSeconds)})`;

/** What something costs in time: `0.4 s`, `8 s`, `1 min 20 s`. */
export function seconds(value: number): string {
  const whole = Math.round(value);
  if (whole >= MINUTE_S) {
    const rest = whole % MINUTE_S;
    return [
      `${Math.floor(whole / MINUTE_S)}${THIN_SPACE}min`,
      rest > 0 ? `${rest}${THIN_SPACE}s` : '',
    ]
      .filter(Boolean)
      .join(' ');
  }
  // From ten seconds on tenths say more than is known.
  return `${value < 9.95 ? fixed(value, 1) : whole}${THIN_SPACE}s`;
}

/** A number without zeros at its end, at most so many decimals. */
export const plain = (value: number, decimals = 6): string =>
  localNumber(String(Number(value.toFixed(decimals))));

/** `42 km` in the device's unit. */
export function distance(distanceKm: number, units: Units): string {
  const value = units.distance === 'mi' ? milesFromKilometres(distanceKm) : distanceKm;
  return `${plain(value, 1)}${THIN_SPACE}${units.distance}`;
}

/** `640 m` in the device's unit. */
export function altitude(altitudeM: number, units: Units): string {
  const value = units.length === 'ft' ? feetFromMetres(altitudeM) : altitudeM;
  return `${Math.round(value)}${THIN_SPACE}${units.length}`;
}

/** `1.2 MB`, of bytes. */
export const megabytes = (bytes: number): string => `${fixed(bytes / 1e6)} MB`;
