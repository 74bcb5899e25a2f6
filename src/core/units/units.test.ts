import { expect, it } from 'vitest';
import {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  feetFromMetres,
  kilometresFromMiles,
  metresFromFeet,
  milesFromKilometres,
} from '.';

it('converts by the exact definitions, there and back', () => {
  expect(fahrenheitFromCelsius(-40)).toBe(-40);
  expect(celsiusFromFahrenheit(14)).toBe(-10);
  expect(feetFromMetres(304.8)).toBeCloseTo(1000, 9);
  expect(metresFromFeet(1000)).toBeCloseTo(304.8, 9);
  expect(kilometresFromMiles(10)).toBeCloseTo(16.09344, 9);
  expect(milesFromKilometres(kilometresFromMiles(7))).toBeCloseTo(7, 12);
  expect(() => fahrenheitFromCelsius(NaN)).toThrow();
});
