import { describe, expect, it } from 'vitest';
import { randomSource } from '../random';
import { normalBelow } from '../statistics';
import { dailySdC, glideLossPercent, HOUSE, ledger, modelSdOf } from '../wax';
import { labelShape } from '../wax/loss';
import { learn, learnedAt, offsetSdC, type LearnResult } from '.';

const COLD = labelShape(-14, -8);
const MIDDLE = labelShape(-9, -3);
const WARM = labelShape(-4, 0);
const SNOW = {
  temperatureC: -8,
  humidityFraction: 0.55,
  origin: 'natural' as const,
  grain: 'DF' as const,
  wetness: 'dry' as const,
  dirt: 'clean' as const,
  glazed: false,
};
const OUTING = { discipline: 'skate', distanceKm: 10, purpose: 'race' } as const;
/** A day on which only the offset matters. */
const day = (id: string, equivalentC: number, venueId = 'here') => ({
  id,
  venueId,
  equivalentC,
  lines: [0, 0, 0, 0, 0],
  snowSdC: 0.5,
});
const outcome = (
  id: string,
  feel: 'grabbed' | 'right' | 'dry' | 'cannot_tell',
  equivalentC = -6,
): LearnResult => ({ ...day(id, equivalentC), kind: 'outcome', feel, shape: MIDDLE });

type Random = ReturnType<typeof randomSource>;

/**
 * A test of two waxes far apart on a day whose snow asks for something else than the ledger says, by so much. Noise:
 * the day itself, a probe's 0.3 K, 0.3 % from the runs and 0.15 % a wax that no label says.
 */
function testOf(id: string, offsetC: number, random: Random): LearnResult {
  const equivalentC = -9 + 4 * random.uniform();
  const trueC = equivalentC + offsetC + Math.hypot(0.3, dailySdC) * random.normal();
  const noise = Math.hypot(0.3, 0.15 * Math.SQRT2) * random.normal();
  const percent = glideLossPercent(trueC, WARM) - glideLossPercent(trueC, COLD) + noise;
  return {
    ...day(id, equivalentC),
    snowSdC: 0.3,
    kind: 'test',
    first: COLD,
    others: [{ shape: WARM, percent, sdPercent: 0.3 }],
  };
}

const offsetHere = (results: readonly LearnResult[]) => learnedAt(learn(results), 'here');

describe('the normal distribution', () => {
  it('is that of the tables', () => {
    expect(normalBelow(0)).toBeCloseTo(0.5, 7);
    expect(normalBelow(-1.959964)).toBeCloseTo(0.025, 6);
    expect(normalBelow(1.644854)).toBeCloseTo(0.95, 6);
    expect(normalBelow(-4) / 3.167124e-5).toBeCloseTo(1, 5);
  });
});

describe('learning', () => {
  it('without results is the house as it is, and as unsure of itself', () => {
    const learned = offsetHere([]);
    expect(learned.offsetC).toBe(0);
    expect(Object.values(learned.factors)).toEqual([1, 1, 1, 1, 1]);
    const house = ledger(SNOW, OUTING);
    const same = ledger(SNOW, OUTING, { venueC: 0, handC: 0, learned });
    expect(same.equivalentTemperatureC).toBeCloseTo(house.equivalentTemperatureC, 10);
    expect(same.modelSdC).toBeCloseTo(modelSdOf(house.lines), 10);
  });

  it('goes harder where a wax grabbed, softer where it was dry, and says nothing of what nobody can tell', () => {
    // Too soft: the snow asked for a lower temperature than the ledger said.
    expect(offsetHere([outcome('a', 'grabbed')]).offsetC).toBeLessThan(-0.1);
    expect(offsetHere([outcome('a', 'dry')]).offsetC).toBeGreaterThan(0.1);
    expect(offsetHere([outcome('a', 'cannot_tell')]).offsetC).toBe(0);
    const right = offsetHere([outcome('a', 'right'), outcome('b', 'right')]);
    expect(Math.abs(right.offsetC)).toBeLessThan(0.05);
    expect(offsetSdC(right)).toBeLessThan(offsetSdC(offsetHere([])));
  });

  it('moves little by a single result, and by results that contradict each other', () => {
    expect(Math.abs(offsetHere([outcome('a', 'grabbed')]).offsetC)).toBeLessThan(0.8);
    const torn = offsetHere([outcome('a', 'grabbed'), outcome('b', 'dry')]);
    expect(Math.abs(torn.offsetC)).toBeLessThan(0.1);
    // A wax that grabbed far on its warm side has another cause.
    expect(Math.abs(offsetHere([outcome('a', 'grabbed', 0)]).offsetC)).toBeLessThan(0.25);
  });

  it('of a test lies where the waxes would differ as they did', () => {
    const sure: LearnResult = {
      ...day('t', -7),
      snowSdC: 0,
      kind: 'test',
      first: COLD,
      others: [{ shape: MIDDLE, percent: 0, sdPercent: 0.05 }],
    };
    const many = Array.from({ length: 200 }, (_, k) => ({ ...sure, id: `t${k}` }));
    const { offsetC } = offsetHere(many);
    const at = -7 + offsetC;
    expect(glideLossPercent(at, MIDDLE)).toBeCloseTo(glideLossPercent(at, COLD), 1);
  });

  it('shrinks venues to what holds everywhere, which a new venue takes over', () => {
    const random = randomSource(3);
    const elsewhere = (venueId: string) =>
      Array.from({ length: 8 }, (_, k) => ({ ...testOf(`${venueId}${k}`, 1.5, random), venueId }));
    const learned = learn(['one', 'two', 'three', 'four'].flatMap(elsewhere));
    const fresh = learnedAt(learned, 'new');
    expect(fresh.offsetC).toBeGreaterThan(0.4);
    expect(fresh.offsetC).toBeLessThan(learnedAt(learned, 'one').offsetC);
    expect(fresh.here).toEqual({ tests: 0, outcomes: 0 });
    // Each of the four, with the same results but for chance, has about the same of its own.
    const own = ['one', 'two', 'three', 'four'].map((id) => learnedAt(learned, id));
    for (const one of own) {
      expect(Math.abs(one.offsetC - own[0]!.offsetC)).toBeLessThan(0.6);
      expect(offsetSdC(one)).toBeLessThan(offsetSdC(fresh));
    }
    expect(offsetSdC(fresh)).toBeGreaterThan(HOUSE.ownVenue.sd);
    expect(offsetSdC(fresh)).toBeLessThan(offsetSdC(offsetHere([])));
  });

  it('finds the line that is wrong, not the venue, where days differ in it', () => {
    // The humidity counts twice what the house has it for: on days of the same venue with lines of −2 and +2.
    const results = Array.from({ length: 40 }, (_, k): LearnResult => {
      const line = k % 2 === 0 ? 2 : -2;
      const equivalentC = -6 - line;
      const trueC = equivalentC + line;
      const percent = glideLossPercent(trueC, MIDDLE) - glideLossPercent(trueC, COLD);
      return {
        ...day(`h${k}`, equivalentC),
        lines: [0, line, 0, 0, 0],
        kind: 'test',
        first: COLD,
        others: [{ shape: MIDDLE, percent, sdPercent: 0.2 }],
      };
    });
    const { factors, offsetC } = offsetHere(results);
    expect(factors.humidity).toBeGreaterThan(1.6);
    expect(Math.abs(offsetC)).toBeLessThan(0.3);
    expect(factors.sharpness).toBe(1);
  });

  it('is made of the shares of its results', () => {
    const random = randomSource(5);
    const results = [
      ...Array.from({ length: 5 }, (_, k) => testOf(`t${k}`, 1, random)),
      outcome('o', 'dry'),
    ];
    const { changes, moves } = learn(results);
    changes.forEach((change, k) => {
      expect(moves.reduce((sum, { by }) => sum + by[k]!, 0)).toBeCloseTo(change, 5);
    });
  });

  it('takes several waxes of one test as one day, not as several', () => {
    const random = randomSource(8);
    const one = testOf('t', 1, random) as Extract<LearnResult, { kind: 'test' }>;
    const thrice = { ...one, others: [one.others[0]!, one.others[0]!, one.others[0]!] };
    const apart = Array.from({ length: 3 }, (_, k) => ({ ...one, id: `t${k}` }));
    expect(offsetSdC(offsetHere([thrice]))).toBeGreaterThan(offsetSdC(offsetHere(apart)));
    expect(offsetSdC(offsetHere([thrice]))).toBeLessThanOrEqual(
      offsetSdC(offsetHere([one])) + 1e-9,
    );
  });
});

describe('over 200 seasons of eight noisy tests', () => {
  const shareWithin = (offsetC: number, withinC: number) => {
    const random = randomSource(11);
    let hits = 0;
    for (let trial = 0; trial < 200; trial += 1) {
      const results = Array.from({ length: 8 }, (_, k) => testOf(`t${k}`, offsetC, random));
      if (Math.abs(offsetHere(results).offsetC - offsetC) <= withinC) hits += 1;
    }
    return hits / 200;
  };

  it('a venue that is 2 K off is found within 0.6 K nine times in ten', () => {
    const [warm, cold] = [shareWithin(2, 0.6), shareWithin(-2, 0.6)];
    expect(warm).toBeGreaterThanOrEqual(0.9);
    expect(cold).toBeGreaterThanOrEqual(0.9);
  });

  it('a venue that is as the house says stays within 0.4 K', () => {
    expect(shareWithin(0, 0.4)).toBeGreaterThanOrEqual(0.9);
  });
});
