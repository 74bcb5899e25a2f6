import { describe, expect, it } from 'vitest';
import { DomainError } from '../../errors';
import { carryWeather, outlook, snowAt, wetnessOf, type WeatherSample } from '.';

const HOUR = 3_600_000;
const series = (airTemperatureC: number, hours = 3): WeatherSample[] =>
  Array.from({ length: hours }, (_, h) => ({
    timeMs: h * HOUR,
    airTemperatureC,
    humidityFraction: 0.7,
    windMPerS: 4,
    cloudFraction: 0.2,
  }));

describe('weather carried to a place', () => {
  it('grows colder upward from one station, and calmer in the trees', () => {
    const [first] = carryWeather([{ altitudeM: 660, weather: series(-4) }], 1260, 0.5);
    expect(first!.airTemperatureC).toBeCloseTo(-7.9, 9);
    expect(first!.windMPerS).toBe(2);
  });

  it('follows an inversion between two stations, and keeps each station its own air', () => {
    const stations = [
      { altitudeM: 660, weather: series(-9) },
      { altitudeM: 1240, weather: series(-5) },
    ];
    const at = (altitudeM: number) => carryWeather(stations, altitudeM, 1)[0]!.airTemperatureC;
    expect(at(660)).toBe(-9);
    expect(at(1240)).toBe(-5);
    expect(at(950)).toBeCloseTo(-7, 9);
  });

  it('needs weather', () => {
    expect(() => carryWeather([{ altitudeM: 0, weather: [] }], 0, 1)).toThrow(DomainError);
  });
});

describe('the outlook at a time', () => {
  const result = outlook({
    site: {
      latitude: 46,
      longitude: 10,
      altitudeM: 700,
      slopeDeg: 0,
      aspectDeg: 0,
      shadeFraction: 0,
    },
    surface: { kind: 'groomed' },
    weather: series(-6, 7),
    members: 40,
  });

  it('lies between its output times, and is not made up outside them', () => {
    const between = snowAt(result, 2.1 * HOUR)!;
    const [a, b] = [8, 9].map((k) => result.contactTemperatureC.p50[k]!);
    expect(between.contactC.p50).toBeGreaterThanOrEqual(Math.min(a!, b!));
    expect(between.contactC.p50).toBeLessThanOrEqual(Math.max(a!, b!));
    expect(between.contactSdC).toBeGreaterThanOrEqual(0.3);
    expect(snowAt(result, -HOUR)).toBeUndefined();
    expect(snowAt(result, 9 * HOUR)).toBeUndefined();
  });

  it('names wetness by the international classes', () => {
    expect([0, 1, 5, 10, 20].map(wetnessOf)).toEqual(['dry', 'moist', 'wet', 'very_wet', 'soaked']);
  });
});
