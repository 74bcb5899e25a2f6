import { expect, it } from 'vitest';
import * as units from '.';

it('converts by the exact definitions, there and back', () => {
  expect(units.fahrenheitFromCelsius(-40)).toBe(-40);
  expect(units.celsiusFromFahrenheit(14)).toBe(-10);
  expect(units.feetFromMetres(304.8)).toBeCloseTo(1000, 9);
  expect(units.metresFromFeet(1000)).toBeCloseTo(304.8, 9);
  expect(units.kilometresFromMiles(10)).toBeCloseTo(16.09344, 9);
  expect(units.milesFromKilometres(units.kilometresFromMiles(7))).toBeCloseTo(7, 12);
  expect(() => units.fahrenheitFromCelsius(NaN)).toThrow();
});
