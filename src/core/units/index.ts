export {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  feetFromMetres,
  kilometresFromMiles,
  metresFromFeet,
  milesFromKilometres,
} from './convert';
