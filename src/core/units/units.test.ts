import { describe, expect, it } from 'vitest';
import {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  feetFromMetres,
  kilometresFromMiles,
  metresFromFeet,
  milesFromKilometres,
  writeSpan,
  writeTemperature,
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

describe('a sentence’s figures', () => {
  it('stand in the reader’s unit, differences without the offset', () => {
    expect(writeTemperature(-7.44, 'C')).toBe('−7.4 °C');
    expect(writeTemperature(-10, 'F', 0)).toBe('14 °F');
    expect(writeSpan(2.5, 'F')).toBe('4.5 °F');
    expect(writeTemperature(-0.04, 'C')).toBe('0.0 °C');
  });
});
