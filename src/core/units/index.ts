export {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  feetFromMetres,
  kilometresFromMiles,
  metresFromFeet,
  milesFromKilometres,
} from './convert';
export { writeSpan, writeTemperature } from './write';
export type { TemperatureUnit } from './write';
