import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerPick, type PickResponse } from '@/features/pick/use-cases/pick-wax';
import { between } from './arbitraries';

const outing = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const products = Array.from({ length: 7 }, (_, i) => ({
  id: `rung ${i}`,
  name: `Rung ${i}`,
  labelLowC: -24 + 3 * i,
  labelHighC: -24 + 3 * i + 5,
  additives: i % 2 === 0 ? ['graphite'] : [],
  form: 'block',
}));

interface Member {
  temperatureC: number;
  humidityFraction: number;
  liquidWaterPercent: number;
  sharpness: number;
  weight: number;
}

/** Members of an ensemble of one's own: dry and wet, sharp and round, with whole weights. */
const someMembers = fc.array(
  fc.record({
    temperatureC: between(-20, 0),
    humidityFraction: between(0.2, 1),
    liquidWaterPercent: fc.constantFrom(0, 0, 0.8, 5),
    sharpness: between(0, 1),
    weight: fc.integer({ min: 1, max: 4 }),
  }),
  { minLength: 1, maxLength: 8 },
);

async function pick(members: readonly Member[]): Promise<PickResponse> {
  const answer = await answerPick({ outing, members, products }, []);
  if (!answer.ok) throw new Error(JSON.stringify(answer.error));
  return answer.value;
}

/** The figures of an answer by product: what has to be the same of two. */
const figuresOf = ({ ranking, equivalentTemperatureC, regretPercent }: PickResponse) => ({
  equivalentTemperatureC,
  regretPercent,
  ...Object.fromEntries(
    ranking.flatMap((one) => [
      [`${one.id} expected`, one.expectedLossPercent],
      [`${one.id} worst`, one.lossP90Percent],
      [`${one.id} best`, one.probabilityBest],
    ]),
  ),
});

function expectSame(one: PickResponse, other: PickResponse): void {
  const [left, right] = [figuresOf(one), figuresOf(other)] as Record<string, number>[];
  expect(Object.keys(left!).sort()).toEqual(Object.keys(right!).sort());
  for (const [key, value] of Object.entries(left!)) {
    expect(right![key], key).toBeCloseTo(value, 8);
  }
}

describe('a pick over an ensemble of one’s own', () => {
  it('takes a member of weight three as three of it', () =>
    fc.assert(
      fc.asyncProperty(someMembers, async (members) => {
        const apart = members.flatMap((one) =>
          Array.from({ length: one.weight }, () => ({ ...one, weight: 1 })),
        );
        expectSame(await pick(members), await pick(apart));
      }),
      { numRuns: 40 },
    ));

  it('does not care what the weights add up to, nor in which order members stand', () =>
    fc.assert(
      fc.asyncProperty(someMembers, between(0.01, 100), async (members, factor) => {
        const scaled = members.map((one) => ({ ...one, weight: one.weight * factor }));
        expectSame(await pick(members), await pick(scaled.toReversed()));
      }),
      { numRuns: 40 },
    ));

  it('shares the odds of being best among those that may be taken, and they add up to 1', () =>
    fc.assert(
      fc.asyncProperty(someMembers, async (members) => {
        const { ranking } = await pick(members);
        const odds = ranking.reduce((sum, one) => sum + one.probabilityBest, 0);
        expect(odds).toBeCloseTo(1, 9);
        const losses = ranking.map((one) => one.expectedLossPercent);
        expect(losses).toEqual([...losses].sort((a, b) => a - b));
        for (const one of ranking) expect(one.lossP90Percent).toBeGreaterThan(0);
      }),
      { numRuns: 40 },
    ));
});
