import { describe, expect, it } from 'vitest';
import { CALM_SNOW, plainWax } from '../../../tests/unit/fixtures';
import { learn, learnedAt, type LearnResult } from '../learn';
import { randomSource } from '../random';
import {
  dailySdC,
  FACTOR_SDS,
  glideLossPercent,
  houseLines,
  HOUSE,
  HOUSE_LIMITS,
  ledger,
  type OutingFacts,
  type SnowConditions,
} from '../wax';
import { labelShape } from '../wax/loss';
import { casesFromReading, choose, rank } from '.';

const WORLDS = 200;
const RESULTS = 6;
const DAYS = 10;
const READ_SD = 0.8;
const GRAINS = ['PP', 'DF', 'RG'] as const;
const OUTING: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const NONE = { venueC: 0, handC: 0 };
const SHELF = [-21, -17, -13, -10, -6, -3].map((low) => plainWax(low, low + 5));
const SHAPES = SHELF.map(({ labelLowC, labelHighC }) => labelShape(labelLowC, labelHighC));

/** A world whose coefficients are drawn from the house's own priors, and its days. */
function worldOf(seed: number) {
  const random = randomSource(seed);
  const truth = FACTOR_SDS.map((sd) => sd * random.normal());
  const offsetC = HOUSE_LIMITS.commonSdC * random.normal() + HOUSE.ownVenue.sd * random.normal();
  const dayOf = () => {
    const snow: SnowConditions = {
      ...CALM_SNOW,
      temperatureC: -16 + 12 * random.uniform(),
      temperatureSdC: READ_SD,
      humidityFraction: 0.35 + 0.5 * random.uniform(),
      grain: GRAINS[Math.floor(random.uniform() * GRAINS.length)]!,
    };
    const { lines, equivalentTemperatureC } = ledger(snow, OUTING);
    const own = houseLines(lines);
    const trueC =
      equivalentTemperatureC +
      own.reduce((sum, line, k) => sum + line * truth[k]!, 0) +
      offsetC +
      dailySdC * random.normal() +
      READ_SD * random.normal();
    return { snow, lines: own, equivalentC: equivalentTemperatureC, trueC };
  };
  return { random, dayOf };
}

/** Two waxes of the shelf against each other on a day of a world. */
function resultOf(id: string, { random, dayOf }: ReturnType<typeof worldOf>): LearnResult {
  const { lines, equivalentC, trueC } = dayOf();
  const near = SHAPES.map(({ centreC }, k) => ({ k, far: Math.abs(centreC - equivalentC) }))
    .sort((a, b) => a.far - b.far)
    .slice(0, 2);
  const [first, other] = near.map(({ k }) => SHAPES[k]!) as [
    (typeof SHAPES)[0],
    (typeof SHAPES)[0],
  ];
  const noise = Math.hypot(0.3, 0.15 * Math.SQRT2) * random.normal();
  const percent = glideLossPercent(trueC, other) - glideLossPercent(trueC, first) + noise;
  return {
    id,
    venueId: 'here',
    equivalentC,
    lines,
    snowSdC: READ_SD,
    kind: 'test',
    first,
    others: [{ shape: other, percent, sdPercent: 0.3 }],
  };
}

function season() {
  const days: { odds: number; isBest: boolean; sdBefore: number; sdAfter: number }[] = [];
  for (let seed = 1; seed <= WORLDS; seed += 1) {
    const world = worldOf(seed);
    const results = Array.from({ length: RESULTS }, (_, k) => resultOf(`r${k}`, world));
    const learned = learnedAt(learn(results), 'here');
    for (let day = 0; day < DAYS; day += 1) {
      const { snow, trueC } = world.dayOf();
      const asked = { cases: casesFromReading(snow), outing: OUTING, products: SHELF };
      const { ranking, spread } = rank({ ...asked, own: { ...NONE, learned } });
      const losses = SHAPES.map((shape) => glideLossPercent(trueC, shape));
      const best = SHELF[losses.indexOf(Math.min(...losses))]!.id;
      const house = ledger(snow, OUTING);
      days.push({
        odds: ranking[0]!.probabilityBest,
        isBest: ranking[0]!.id === best,
        sdBefore: house.modelSdC,
        sdAfter: spread.modelC,
      });
    }
  }
  return days;
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

describe('the odds after learning, over 2,000 days of 200 worlds', () => {
  const days = season();

  it('come true as often as they say', () => {
    const said = mean(days.map(({ odds }) => odds));
    const came = mean(days.map(({ isBest }) => Number(isBest)));
    expect(days).toHaveLength(WORLDS * DAYS);
    expect(Math.abs(came - said)).toBeLessThan(0.05);
  });

  it('“7 times in 10” comes true 7 times in 10', () => {
    const about = days.filter(({ odds }) => odds >= 0.6 && odds < 0.8);
    expect(about.length).toBeGreaterThan(200);
    const came = mean(about.map(({ isBest }) => Number(isBest)));
    expect(Math.abs(came - mean(about.map(({ odds }) => odds)))).toBeLessThan(0.05);
  });

  it('stand on a smaller spread of the model than before', () => {
    for (const { sdBefore, sdAfter } of days) expect(sdAfter).toBeLessThan(sdBefore);
    expect(mean(days.map(({ sdAfter, sdBefore }) => sdAfter / sdBefore))).toBeLessThan(0.75);
  });
});

describe('what learning did to a choice', () => {
  const snow = { ...CALM_SNOW, temperatureC: -9, temperatureSdC: 0.5 };
  const chosen = (offsetC: number) => {
    const learned = { ...learnedAt(learn([]), 'here'), offsetC, here: { tests: 3, outcomes: 1 } };
    return choose({
      cases: casesFromReading(snow),
      outing: OUTING,
      own: { ...NONE, learned },
      products: SHELF,
      shelf: SHELF.map((one) => ({ ...one, role: 'glide' as const })),
    });
  };

  it('is by how much, from what, and what would be best without it', () => {
    const small = chosen(0.1);
    expect(small.learned).toMatchObject({ here: { tests: 3, outcomes: 1 } });
    expect(small.learned!.shiftC).toBeCloseTo(0.1, 6);
    expect(small.learned!.insteadOf).toBeUndefined();
    const large = chosen(-5);
    expect(large.learned!.insteadOf!.id).toBe(small.ranking[0]!.id);
    expect(large.ranking[0]!.id).not.toBe(small.ranking[0]!.id);
  });

  it('is nothing where nothing was learned', () => {
    const { learned } = choose({
      cases: casesFromReading(snow),
      outing: OUTING,
      own: NONE,
      products: SHELF,
      shelf: [],
    });
    expect(learned).toBeUndefined();
  });
});
