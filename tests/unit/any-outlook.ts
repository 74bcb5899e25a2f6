import fc from 'fast-check';
import { SURFACE_KINDS, type OutlookInput } from '@/core/snow/outlook';
import { GRAINS, WETNESSES } from '@/core/terms';
import { between, perhaps } from './arbitraries';

const START = Date.parse('2027-01-16T09:00:00Z');
const HOUR = 3_600_000;

const sample = fc.record({
  airTemperatureC: between(-60, 40),
  humidityFraction: between(0, 1),
  windMPerS: between(0, 60),
  cloudFraction: between(0, 1),
  precipitationMm: fc.oneof(fc.constant(0), between(0, 100)),
  globalRadiationWPerM2: perhaps(between(0, 1500)),
});
/** A time of the weather, as a share of it. */
const when = between(0, 1);
const reading = fc.record({
  when,
  temperatureC: between(-60, 0),
  sdC: between(0.1, 10),
  isInfrared: fc.boolean(),
  wetness: perhaps(fc.constantFrom(...WETNESSES)),
  grain: perhaps(fc.constantFrom(...GRAINS)),
  elsewhere: perhaps(fc.constantFrom('x', 'y')),
});
const event = fc.record({
  when,
  kind: fc.constantFrom('groomed' as const, 'skied' as const),
  passes: perhaps(fc.integer({ min: 1, max: 500 })),
});

/** Any outlook that may be asked for: weather no place has, readings that contradict it and each other. */
export const anyOutlook: fc.Arbitrary<OutlookInput> = fc
  .record({
    site: fc.record({
      latitude: between(-90, 90),
      longitude: between(-180, 180),
      altitudeM: between(-100, 5000),
      slopeDeg: between(0, 60),
      aspectDeg: between(0, 360),
      shadeFraction: between(0, 1),
    }),
    surface: fc.record({
      kind: fc.constantFrom(...SURFACE_KINDS),
      densityKgPerM3: perhaps(between(50, 900)),
      albedo: perhaps(between(0.2, 0.95)),
      startTemperatureC: perhaps(between(-60, 0)),
    }),
    samples: fc.array(sample, { minLength: 2, maxLength: 5 }),
    members: fc.integer({ min: 1, max: 12 }),
    seed: fc.integer({ min: 0, max: 1e6 }),
    timeStepS: fc.integer({ min: 200, max: 900 }),
    seen: fc.array(reading, { maxLength: 6 }),
    done: fc.array(event, { maxLength: 3 }),
  })
  .map(({ samples, seen, done, ...rest }) => {
    const timeMs = (share: number) => START + share * (samples.length - 1) * HOUR;
    return {
      ...rest,
      weather: samples.map((one, i) => ({ ...one, timeMs: START + i * HOUR })),
      readings: seen.map((one) => ({ ...one, timeMs: timeMs(one.when) })),
      events: done.map((one) => ({ ...one, timeMs: timeMs(one.when) })),
    };
  });
