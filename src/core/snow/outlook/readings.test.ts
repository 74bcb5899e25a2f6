import { describe, expect, it } from 'vitest';
import { FLAT_SITE } from '../../../../tests/unit/fixtures';
import { outlook, type ContactReading, type OutlookInput, type WeatherSample } from '.';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-16T15:00:00Z');

const weatherOf = (hours: number, more: Partial<WeatherSample> = {}): WeatherSample[] =>
  Array.from({ length: hours + 1 }, (_, hour) => ({
    timeMs: START + hour * HOUR,
    airTemperatureC: -6,
    humidityFraction: 0.7,
    windMPerS: 2,
    cloudFraction: 0.3,
    ...more,
  }));
const inputOf = (weather: WeatherSample[], more: Partial<OutlookInput> = {}): OutlookInput => ({
  site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
  surface: { kind: 'groomed' },
  weather,
  seed: 3,
  ...more,
});
const probe = (hour: number, temperatureC: number): ContactReading => ({
  timeMs: START + hour * HOUR,
  temperatureC,
  sdC: 0.4,
});
/** What an outlook says so many hours after its start. */
const at = (made: ReturnType<typeof outlook>, hour: number) => {
  const row = made.timesMs.indexOf(START + hour * HOUR);
  const { p10, p50, p90 } = made.contactTemperatureC;
  return { middle: p50[row]!, sd: (p90[row]! - p10[row]!) / 2.5631 };
};

describe('a reading far outside what the weather explains', () => {
  const weather = weatherOf(12);
  const plain = outlook(inputOf(weather));

  it.each([-6, -3, 3, 5])('is believed at its place and time: %d K off', (offK) => {
    const reading = probe(6, Math.min(-0.5, at(plain, 6).middle + offK));
    const made = outlook(inputOf(weather, { readings: [reading] }));
    expect(Math.abs(at(made, 6).middle - reading.temperatureC)).toBeLessThan(0.5);
    expect(at(made, 6).sd).toBeGreaterThan(0.3);
    expect(made.effectiveMembers).toBeGreaterThanOrEqual(40);
    const other = outlook(inputOf(weather, { readings: [reading], seed: 4 }));
    expect(Math.abs(at(made, 9).middle - at(other, 9).middle)).toBeLessThan(0.3);
  });

  it('is said with how far it is off; one within is not', () => {
    const far = outlook(inputOf(weather, { readings: [probe(6, at(plain, 6).middle - 6)] }));
    expect(far.surpriseK).toBeLessThan(-4);
    const near = outlook(inputOf(weather, { readings: [probe(6, at(plain, 6).middle - 1)] }));
    expect(near.surpriseK).toBeUndefined();
  });

  it('moves melting snow too', () => {
    const thaw = weatherOf(12, { airTemperatureC: 4, cloudFraction: 0.9 });
    const wet = outlook(inputOf(thaw));
    expect(at(wet, 6).middle).toBe(0);
    const made = outlook(inputOf(thaw, { readings: [probe(6, -1.5)] }));
    expect(at(made, 6).middle).toBeLessThan(-1);
    expect(at(made, 6).middle).toBeGreaterThan(-2);
  });
});

describe('what else was seen', () => {
  it('wetness by the snowball: snow seen wet is at 0 °C, whatever its probe says; snow seen dry holds no water', () => {
    const weather = weatherOf(8, { airTemperatureC: -1, cloudFraction: 1 });
    const seen = outlook(inputOf(weather, { readings: [{ ...probe(5, -2), wetness: 'wet' }] }));
    const row = seen.timesMs.indexOf(START + 5 * HOUR);
    expect(seen.contactTemperatureC.p50[row]).toBe(0);
    expect(seen.liquidWaterPercent.p50[row]).toBeGreaterThan(2);
    const thaw = weatherOf(8, { airTemperatureC: 3, cloudFraction: 1 });
    const dry = outlook(inputOf(thaw, { readings: [{ ...probe(5, -0.3), wetness: 'dry' }] }));
    expect(dry.liquidWaterPercent.p50[row]).toBeLessThan(0.3);
  });

  it('infra-red sees the skin, and moves the contact less than a probe does', () => {
    const weather = weatherOf(10, { cloudFraction: 0, windMPerS: 0.5 });
    const plain = outlook(inputOf(weather));
    const row = plain.timesMs.indexOf(START + 6 * HOUR);
    const seenC = plain.surfaceTemperatureC.p50[row]! - 2;
    const made = outlook(
      inputOf(weather, { readings: [{ ...probe(6, seenC), isInfrared: true }] }),
    );
    const moved = made.contactTemperatureC.p50[row]! - plain.contactTemperatureC.p50[row]!;
    expect(moved).toBeLessThan(-0.3);
    expect(moved).toBeGreaterThan(-1.9);
  });

  it('a grain moves the sharpness most of the way', () => {
    const made = (grain?: 'PP') =>
      outlook(inputOf(weatherOf(8), { readings: [{ ...probe(5, -8), grain }] }));
    const row = made().timesMs.indexOf(START + 5 * HOUR);
    expect(made('PP').sharpness.p50[row]! - made().sharpness.p50[row]!).toBeGreaterThan(0.4);
  });

  it('readings of one other spot are one opinion: ten of them move this place little more than one', () => {
    const weather = weatherOf(12);
    const plain = at(outlook(inputOf(weather)), 8).middle;
    const many = (count: number) =>
      Array.from({ length: count }, (_, k) => ({
        ...probe(6 + k / 10, plain - 2.5),
        elsewhere: 'ridge',
      }));
    const moved = (count: number) =>
      plain - at(outlook(inputOf(weather, { readings: many(count) })), 8).middle;
    expect(moved(1)).toBeGreaterThan(0.5);
    expect(moved(10)).toBeLessThan(moved(1) * 1.35);
    expect(moved(10)).toBeLessThan(2.2);
  });
});
