import { describe, expect, it } from 'vitest';
import { FLAT_SITE } from '../../../../tests/unit/fixtures';
import { rememberSurface } from '../../kernel';
import { outlook, type OutlookInput, type SurfaceEvent, type WeatherSample } from '.';
import { breakCrusts, isFrozen, mayBeCrust, surfacePast, underHoar } from './surface-memory';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-16T12:00:00Z');

const weatherOf = (hours: number, at: (hour: number) => Partial<WeatherSample>): WeatherSample[] =>
  Array.from({ length: hours + 1 }, (_, hour) => ({
    timeMs: START + hour * HOUR,
    airTemperatureC: -4,
    humidityFraction: 0.8,
    windMPerS: 1.5,
    cloudFraction: 0.8,
    ...at(hour),
  }));
const made = (weather: WeatherSample[], more: Partial<OutlookInput> = {}) =>
  outlook({
    site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
    surface: { kind: 'groomed' },
    weather,
    members: 200,
    seed: 5,
    ...more,
  });
const groomedAt = (hour: number, passes?: number): SurfaceEvent => ({
  timeMs: START + hour * HOUR,
  kind: 'groomed',
  passes,
});
const last = (values: number[]) => values.at(-1)!;

describe('grooming', () => {
  // Twelve millimetres of water from five to eleven in the evening, groomed before the morning.
  const evening = weatherOf(20, (h) => ({ precipitationMm: h >= 5 && h < 11 ? 2 : 0 }));

  it('rounds the new snow of the evening, presses it, and the snow is colder for it', () => {
    const left = made(evening);
    const groomed = made(evening, { events: [groomedAt(17)] });
    expect(last(left.sharpness.p50)).toBeGreaterThan(0.8);
    expect(last(groomed.sharpness.p50)).toBeGreaterThan(0.3);
    expect(last(groomed.sharpness.p50)).toBeLessThan(0.55);
    expect(groomed.energyResidualRelative).toBeLessThan(1e-6);
  });

  it('counts passes, and skiers polish what a groomer left', () => {
    const sharpness = (events: SurfaceEvent[]) => last(made(evening, { events }).sharpness.p50);
    const once = sharpness([groomedAt(17, 1)]);
    const thrice = sharpness([groomedAt(17, 3)]);
    expect(thrice).toBeLessThan(once);
    const skied: SurfaceEvent = { timeMs: START + 18 * HOUR, kind: 'skied', passes: 100 };
    expect(sharpness([groomedAt(17, 1), skied])).toBeLessThan(once - 0.1);
  });
});

describe('snow that was wet and froze', () => {
  const thawThenFrost = weatherOf(40, (h) =>
    h < 16
      ? { airTemperatureC: 5, cloudFraction: 0.3, windMPerS: 3 }
      : { airTemperatureC: -8, cloudFraction: 0, windMPerS: 1, humidityFraction: 0.5 },
  );

  it('is a crust until new snow lies on it or a groomer breaks it, and knows when it was wet', () => {
    const crust = made(thawThenFrost);
    expect(last(crust.crustFraction)).toBeGreaterThan(0.9);
    expect(last(crust.hoursSinceWet.p50)).toBeGreaterThan(5);
    expect(last(crust.hoursSinceWet.p50)).toBeLessThan(30);
    expect(last(made(thawThenFrost, { events: [groomedAt(35)] }).crustFraction)).toBe(0);
    const snowed = thawThenFrost.map((one, h) => (h > 33 ? { ...one, precipitationMm: 2 } : one));
    expect(last(made(snowed).crustFraction)).toBeLessThan(0.1);
  });

  it('has grown coarse grains; snow that stayed dry has not', () => {
    const days = weatherOf(96, () => ({ airTemperatureC: 6, cloudFraction: 0.5, windMPerS: 3 }));
    expect(last(made(days).grainSizeMm.p50)).toBeGreaterThan(0.42);
    expect(last(made(weatherOf(40, () => ({}))).grainSizeMm.p50)).toBeCloseTo(0.4, 2);
  });
});

describe('the memory of a surface', () => {
  it('forgets a crust under more than five millimetres of new snow, or under a groomer', () => {
    const past = surfacePast(1);
    const isCrust = (snow: { temperatureC: number; waterPercent: number }) =>
      mayBeCrust(past, 0) && isFrozen(snow);
    const cold = { temperatureC: -4, waterPercent: 0 };
    rememberSurface(past, 0, 3, 0, 0.5);
    expect(isCrust({ temperatureC: 0, waterPercent: 3 })).toBe(false);
    rememberSurface(past, 0, 0, 4, 2);
    expect(isCrust(cold)).toBe(true);
    expect(past.hoursSinceWet[0]).toBe(2);
    rememberSurface(past, 0, 0, 2, 1);
    expect(isCrust(cold)).toBe(false);
    rememberSurface(past, 0, 3, 0, 0.5);
    breakCrusts(past);
    expect(isCrust(cold)).toBe(false);
  });

  it('makes a hoared surface sharp, and leaves one that is sharper already', () => {
    expect(underHoar(0.1, 0.04)).toBe(0.1);
    expect(underHoar(0.1, 0.075)).toBeCloseTo(0.5, 9);
    expect(underHoar(0.1, 0.3)).toBe(0.9);
    expect(underHoar(0.95, 0.3)).toBe(0.95);
  });
});

describe('the spread of the weather', () => {
  const width = (weather: WeatherSample[]) => {
    const { p10, p90 } = made(weather).contactTemperatureC;
    return last(p90) - last(p10);
  };

  it('is wider the older the forecast, and least where stations saw it', () => {
    const lead = (leadH: number) => weatherOf(12, () => ({ leadH }));
    expect(width(lead(0))).toBeLessThan(width(lead(24)));
    expect(width(lead(24))).toBeLessThan(width(lead(72)));
  });

  it('leaves the middle where it is under a wholly covered sky', () => {
    const covered = weatherOf(12, () => ({ cloudFraction: 1, leadH: 0 }));
    const sure = outlook({
      site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
      surface: { kind: 'groomed' },
      weather: covered,
      members: 400,
      seed: 9,
    });
    const broken = weatherOf(12, () => ({ cloudFraction: 0.8, leadH: 0 }));
    // Half of the members used to see gaps in it: a kelvin colder than it is.
    expect(last(sure.contactTemperatureC.p50)).toBeGreaterThan(
      last(made(broken).contactTemperatureC.p50) + 0.5,
    );
  });
});
