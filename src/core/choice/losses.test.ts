import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { weightedQuantile } from '../statistics';
import { CALM_SNOW } from '../../../tests/unit/fixtures';
import { HOUSE_LIMITS } from '../wax';
import { casesFromReading, demandsOf, type SnowCases } from '.';
import { courseLosses, expectedLoss, lossAtWorst } from './losses';
import { withModelSpread } from './model-spread';

const own = { venueC: 0, handC: 0 };
const outing = { discipline: 'skate', purpose: 'race', distanceKm: 10 } as const;

const someSnow = fc.record({
  temperatureC: fc.double({ min: -25, max: 0, noNaN: true }),
  temperatureSdC: fc.double({ min: 0, max: 4, noNaN: true }),
  humidityFraction: fc.double({ min: 0, max: 1, noNaN: true }),
  sharpness: fc.double({ min: 0, max: 1, noNaN: true }),
  wetness: fc.constantFrom('dry', 'moist', 'wet', 'very_wet', 'soaked'),
  origin: fc.constantFrom('natural', 'mixed', 'machine_made'),
  dirt: fc.constantFrom('clean', 'dirty'),
  glazed: fc.boolean(),
});
const someLabel = fc.record({
  labelLowC: fc.integer({ min: -30, max: -2 }),
  spanK: fc.integer({ min: 1, max: 24 }),
  additives: fc.subarray(['graphite', 'repellent'] as const),
});

const losing = (
  cases: SnowCases,
  { labelLowC, spanK, additives }: { labelLowC: number; spanK: number; additives: string[] },
) => {
  const demands = demandsOf(cases, { outing, own });
  const wax = { labelLowC, labelHighC: labelLowC + spanK, additives } as Parameters<
    typeof courseLosses
  >[2];
  return { demands, losses: courseLosses(cases, demands, wax) };
};

/** The same cases at two times, the second in the reverse order of the first. */
function atTwoTimes(cases: SnowCases): SnowCases {
  const twice = (values: Float64Array) => Float64Array.from([...values, ...values.toReversed()]);
  const { temperatureC, humidity, sharpness, waterPercent, hardTrack } = cases;
  const air = [...cases.airTemperatureC, ...cases.airTemperatureC];
  return {
    ...cases,
    timesMs: [0, 3_600_000],
    temperatureC: twice(temperatureC),
    humidity: twice(humidity),
    sharpness: twice(sharpness),
    waterPercent: twice(waterPercent),
    hardTrack: twice(hardTrack),
    airTemperatureC: Float64Array.from(air),
  };
}

describe('the loss at the worst', () => {
  it('of one reading is that of all its losses put in order, for any snow and any label', () => {
    fc.assert(
      fc.property(
        someSnow,
        someLabel,
        fc.double({ min: 0, max: 3, noNaN: true }),
        (snow, label, sd) => {
          const cases = withModelSpread(casesFromReading(snow), sd);
          const { demands, losses } = losing(cases, label);
          const sorted = weightedQuantile(losses, cases.memberWeights, HOUSE_LIMITS.worstShare);
          expect(lossAtWorst(cases, demands)(losses)).toBe(sorted);
        },
      ),
    );
  });

  it('lies between the least and the greatest loss, and no wax exceeds it in nine cases of ten', () => {
    fc.assert(
      fc.property(someSnow, someLabel, (snow, label) => {
        const cases = withModelSpread(casesFromReading(snow), 1.5);
        const { demands, losses } = losing(cases, label);
        const worst = lossAtWorst(cases, demands)(losses);
        const weightUpTo = losses.reduce(
          (sum, loss, m) => sum + (loss <= worst ? cases.memberWeights[m]! : 0),
          0,
        );
        expect(weightUpTo).toBeGreaterThanOrEqual(HOUSE_LIMITS.worstShare - 1e-9);
        expect(losses).toContain(worst);
      }),
    );
  });

  it('looks at both times of a window alike', () => {
    const label = { labelLowC: -12, spanK: 6, additives: [] };
    const once = casesFromReading({ ...CALM_SNOW, temperatureSdC: 2 });
    const twice = atTwoTimes(once);
    const [one, two] = [losing(once, label), losing(twice, label)];
    expect(lossAtWorst(twice, two.demands)(two.losses)).toBeCloseTo(
      lossAtWorst(once, one.demands)(one.losses),
      12,
    );
    expect(expectedLoss(two.losses, twice.memberWeights, 1)).toBeCloseTo(
      expectedLoss(one.losses, once.memberWeights, 0),
      12,
    );
  });
});
