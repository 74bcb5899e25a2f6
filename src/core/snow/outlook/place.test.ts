import { describe, expect, it } from 'vitest';
import { FLAT_SITE } from '../../../../tests/unit/fixtures';
import { DomainError } from '../../errors';
import {
  carryWeather,
  isAtPlace,
  outlook,
  planOutlook,
  snowAt,
  startSnow,
  wetnessOf,
  type WeatherSample,
} from '.';

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

  it('does not carry an inversion above the highest station, nor below the lowest', () => {
    const stations = [
      { altitudeM: 600, weather: series(-8) },
      { altitudeM: 900, weather: series(-2) },
    ];
    const at = (altitudeM: number) => carryWeather(stations, altitudeM, 1)[0]!.airTemperatureC;
    expect(at(2000)).toBeCloseTo(-2 - 0.0065 * 1100, 9);
    expect(at(300)).toBeCloseTo(-8 + 0.0065 * 300, 9);
    expect(at(750)).toBeGreaterThan(-8);
    expect(at(750)).toBeLessThan(-2);
  });

  it('takes no lapse from stations close together: 40 m apart they leave a far place alone', () => {
    for (const upperC of [-15, -5, 5]) {
      const stations = [
        { altitudeM: 700, weather: series(-5) },
        { altitudeM: 740, weather: series(upperC) },
      ];
      const at = (altitudeM: number) => carryWeather(stations, altitudeM, 1)[0]!.airTemperatureC;
      expect(at(1400) - at(740)).toBeCloseTo(-0.0065 * 660, 9);
    }
  });

  it('needs weather', () => {
    expect(() => carryWeather([{ altitudeM: 0, weather: [] }], 0, 1)).toThrow(DomainError);
  });
});

describe('the outlook at a time', () => {
  const result = outlook({
    site: FLAT_SITE,
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

describe('the plan of an outlook', () => {
  const position = { latitude: 46.6, longitude: 10.2 };
  const stadium = {
    name: 'Stadium',
    altitudeM: 660,
    slopeDeg: 0,
    aspectDeg: 0,
    shadeFraction: 0,
    exposure: 1,
    surface: 'groomed' as const,
  };
  const reading = { timeMs: 2 * HOUR, temperatureC: -7, sdC: 0.4 };
  const course = (weather: WeatherSample[], spot?: string) => ({
    places: [stadium],
    stations: [{ altitudeM: 660, weather }],
    readings: [{ ...reading, spot }],
  });
  const plan = (weather: WeatherSample[], startMs: number, spot?: string) =>
    planOutlook(course(weather, spot), { place: stadium, position, startMs });

  it('says when the weather ends before the start, and makes nothing up', () => {
    const short = plan(series(-6, 6), 9 * HOUR);
    if (!short.ok) throw new Error(short.reason.code);
    expect(short.endsBeforeStart).toBe(true);
    expect(startSnow(outlook(short.input), short.weather, 9 * HOUR)).toBeUndefined();
    const enough = plan(series(-6, 12), 9 * HOUR);
    if (!enough.ok) throw new Error(enough.reason.code);
    const start = startSnow(outlook(enough.input), enough.weather, 9 * HOUR);
    expect(start).toMatchObject({ airTemperatureC: -6, humidityFraction: 0.7 });
  });

  it('says why there can be none: no weather, another day, a long gap', () => {
    const reason = (weather: WeatherSample[], startMs: number) => {
      const made = plan(weather, startMs);
      return made.ok ? '' : made.reason.code;
    };
    expect(reason([], 0)).toBe('no_weather');
    expect(reason(series(-6, 6), 900 * HOUR)).toBe('weather_misses_start');
    const holed = series(-6, 12).filter((_, h) => h < 3 || h > 8);
    expect(reason(holed, 9 * HOUR)).toBe('weather_gap');
    const bridged = plan(
      series(-6, 12).filter((_, h) => h !== 4),
      9 * HOUR,
    );
    expect(bridged.ok && bridged.bridged).toBe(1);
  });

  it('takes a reading as of this place where its spot names it, and of another elsewhere', () => {
    const elsewhere = (spot?: string, places = [stadium, { ...stadium, name: 'Ridge' }]) => {
      const made = planOutlook(
        { ...course(series(-6, 12), spot), places },
        { place: stadium, position, startMs: 9 * HOUR },
      );
      return made.ok ? made.input.readings![0]!.elsewhere : 'no outlook';
    };
    expect(elsewhere('stadium, in the shade')).toBeUndefined();
    expect(elsewhere('Ridge')).toBe('Ridge');
    expect(elsewhere()).toBe('unnamed');
    expect(elsewhere(undefined, [stadium])).toBeUndefined();
    expect(isAtPlace('North bend', 'North')).toBe(true);
  });

  it('looks back to the last snowfall or thaw, and ahead to the end of the hours on snow', () => {
    const span = (weather: WeatherSample[], hoursOnSnow?: number) => {
      const made = planOutlook(course(weather), {
        place: stadium,
        position,
        startMs: 200 * HOUR,
        hoursOnSnow,
      });
      if (!made.ok) throw new Error(made.reason.code);
      return [made.weather[0]!.timeMs / HOUR, made.weather.at(-1)!.timeMs / HOUR];
    };
    const cold = series(-6, 230);
    expect(span(cold)).toEqual([164, 205]);
    expect(span(cold, 8)).toEqual([164, 209]);
    const withSnow = cold.map((one, h) =>
      h > 90 && h < 96 ? { ...one, precipitationMm: 2 } : one,
    );
    expect(span(withSnow)).toEqual([85, 205]);
    const withThaw = withSnow.map((one, h) =>
      h >= 120 && h < 130 ? { ...one, airTemperatureC: 4 } : one,
    );
    expect(span(withThaw)).toEqual([114, 205]);
    const flurry = cold.map((one, h) => (h === 90 ? { ...one, precipitationMm: 1 } : one));
    expect(span(flurry)).toEqual([164, 205]);
  });

  it('grooms what is groomed, and lets skiers pass everywhere', () => {
    const events = [
      { timeMs: 5 * HOUR, kind: 'groomed' as const },
      { timeMs: 7 * HOUR, kind: 'skied' as const },
      { timeMs: -50 * HOUR, kind: 'skied' as const },
    ];
    const kinds = (surface: 'groomed' | 'new') => {
      const place = { ...stadium, surface };
      const made = planOutlook(
        { ...course(series(-6, 12)), places: [place], events },
        { place, position, startMs: 9 * HOUR },
      );
      return made.ok ? made.input.events!.map(({ kind }) => kind) : [];
    };
    expect(kinds('groomed')).toEqual(['groomed', 'skied']);
    expect(kinds('new')).toEqual(['skied']);
  });
});
