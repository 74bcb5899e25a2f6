import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GOLDEN } from '../../../tests/unit/sheets';
import { baseFriction, lossSeconds } from '../friction';
import { buildSheet, PROGRAMMES } from '../bench';
import { timedPasses } from '../iron';
import type { IronBench } from '../iron/types';
import { glidedSnow } from '../wax';
import {
  biasOf,
  calibrationOf,
  crpsOf,
  difficultyOf,
  DRILL_TOPICS,
  DRILLS,
  IRON_TOPICS,
  ironItem,
  ironRow,
  isItem,
  lensView,
  logScoreOf,
  markIron,
  markOrder,
  markPick,
  markSee,
  markSnow,
  markTest,
  moveIron,
  nextTopic,
  ORDER_FAULTS,
  ORDER_TOPICS,
  orderFaults,
  orderItem,
  pickItem,
  probabilityOf,
  runStrokes,
  seedNear,
  seeItem,
  skillOf,
  SNOW_TOPICS,
  snowItem,
  testItem,
  topicStates,
  type Answered,
  type IronRow,
  type IronStroke,
} from '.';

const DAY_MS = 86_400_000;
const NAMES = { wax: 'Wax', liquid: 'Fluid', soft: 'Soft', cleaner: 'Cleaner', klister: 'Klister' };

/** The score by its own definition: the squared distance of two distributions, integrated. */
function crpsByIntegral(truth: number, mean: number, sd: number): number {
  const below = (x: number) => {
    // Normal distribution by Simpson's rule of its density.
    const z = (x - mean) / sd;
    const n = 400;
    const h = z / n;
    const density = (t: number) => Math.exp((-t * t) / 2) / Math.sqrt(2 * Math.PI);
    let sum = density(0) + density(z);
    for (let k = 1; k < n; k += 1) sum += (k % 2 === 1 ? 4 : 2) * density(k * h);
    return 0.5 + (sum * h) / 3;
  };
  const side = (from: number, to: number, square: (x: number) => number) => {
    const n = 4000;
    const h = (to - from) / n;
    let sum = 0;
    for (let k = 0; k < n; k += 1) sum += square(from + (k + 0.5) * h) * h;
    return sum;
  };
  return (
    side(mean - 12 * sd - Math.abs(truth - mean), truth, (x) => below(x) ** 2) +
    side(truth, mean + 12 * sd + Math.abs(truth - mean), (x) => (1 - below(x)) ** 2)
  );
}

describe('proper scores', () => {
  it.each([
    [-8, -8, 1],
    [-12, -8, 1.5],
    [-3, -8, 4],
    [0, -2.5, 0.6],
  ])('the ranked probability score of %f said as %f ± %f is its integral', (truth, mean, sd) => {
    expect(crpsOf(truth, mean, sd)).toBeCloseTo(crpsByIntegral(truth, mean, sd), 3);
  });

  it('is the distance for whoever claims to be sure', () => {
    expect(crpsOf(-5, -9, 0)).toBe(4);
    expect(crpsOf(-5, -9, 1e-6)).toBeCloseTo(4, 5);
  });

  it('is least on average for whoever says what they believe', () => {
    // Truths of a normal of spread 2: quantiles in the middle of 200 even shares.
    const truths = Array.from({ length: 200 }, (_, i) => 2 * inverseNormal((i + 0.5) / 200));
    const mean = (sd: number) => truths.reduce((sum, one) => sum + crpsOf(one, 0, sd), 0) / 200;
    expect(mean(2)).toBeLessThan(mean(1));
    expect(mean(2)).toBeLessThan(mean(4));
    expect(mean(2)).toBeLessThan(mean(0));
  });

  it('gives a class the logarithm of what was said of it, and nobody is surer than sure', () => {
    const belief = { said: 'a', probability: 0.7 };
    expect(logScoreOf(probabilityOf(belief, 'a', 4))).toBeCloseTo(-Math.log(0.7), 12);
    expect(logScoreOf(probabilityOf(belief, 'b', 4))).toBeCloseTo(-Math.log(0.1), 12);
    const wrong = logScoreOf(probabilityOf({ said: 'a', probability: 1 }, 'b', 4));
    expect(wrong).toBeCloseTo(-Math.log(0.02 / 4), 12);
  });
});

/** Inverse of the normal distribution by halving. */
function inverseNormal(p: number): number {
  let [low, high] = [-8, 8];
  const below = (x: number) => {
    const n = 2000;
    const h = (x + 9) / n;
    let sum = 0;
    for (let k = 0; k < n; k += 1) {
      const t = -9 + (k + 0.5) * h;
      sum += (Math.exp((-t * t) / 2) / Math.sqrt(2 * Math.PI)) * h;
    }
    return sum;
  };
  for (let k = 0; k < 40; k += 1) {
    const middle = 0.5 * (low + high);
    if (below(middle) < p) low = middle;
    else high = middle;
  }
  return 0.5 * (low + high);
}

const benchOf = (more: Partial<IronBench['iron']> = {}): IronBench => ({
  wax: { ironC: 124, meltingC: 64 },
  ski: { lengthM: 1.9, widthM: 0.044, startC: 18 },
  iron: { setC: 124, plateLengthM: 0.14, massKg: 1.4, powerW: 850, lagS: 4, ...more },
  roomC: 18,
  filmMicrometre: 40,
});

/** Even passes from tip to tail, as the iron lab knows them. */
function passesOf(
  bench: IronBench,
  timing: { passS: number; restS: number; passes: number },
  look: (row: IronRow) => void = () => undefined,
): IronRow {
  const row = ironRow(bench);
  const half = bench.iron.plateLengthM / 2;
  const { lengthM } = bench.ski;
  const moving = ((lengthM + 2 * half) * timing.passS) / lengthM;
  for (let pass = 0; pass < timing.passes; pass += 1) {
    row.past.peakC.fill(-Infinity);
    moveIron(row, { placeM: -half, isDown: false }, 1e-3);
    moveIron(row, { placeM: -half, isDown: true }, 1e-3);
    moveIron(row, { placeM: lengthM + half, isDown: true }, moving);
    moveIron(row, { placeM: lengthM + half, isDown: false }, timing.restS + timing.passS - moving);
    look(row);
  }
  return row;
}

describe('the iron drill', () => {
  it.each([
    [8, 0.14],
    [5, 0.14],
    [12, 0.1],
  ])(
    'equals the iron lab on the same movement: %d s a pass, plate of %f m',
    (passS, plateLengthM) => {
      const bench = benchOf({ plateLengthM });
      const timing = { passS, restS: 10, passes: 3 };
      const lab = timedPasses(bench, Array<typeof timing>(3).fill(timing));
      const seen: { peakC: number; trailM: number }[] = [];
      const row = passesOf(bench, timing, ({ past }) =>
        seen.push({ peakC: past.peakC[36]!, trailM: past.trailM[36]! }),
      );
      lab.passes.forEach((pass, i) => {
        expect(Math.abs(seen[i]!.peakC - pass.peakBaseC)).toBeLessThan(0.5);
        expect(Math.abs(seen[i]!.trailM - pass.trailM)).toBeLessThan(0.005);
      });
      expect(markIron(row).uptakeByPlace[36]).toBeCloseTo(lab.uptakeFraction, 1);
    },
  );

  const sweep = (passS: number, passes: number): IronStroke[] =>
    Array.from({ length: passes }, (_, pass) => {
      const from = pass * (passS + 10);
      const hold = (atS: number, placeM: number, isDown: boolean) => ({ atS, placeM, isDown });
      return [
        hold(from + 0.01, -0.07, false),
        hold(from + 0.02, -0.07, true),
        hold(from + passS, 1.97, true),
        hold(from + passS + 0.01, 1.97, false),
      ];
    }).flat();

  it('marks three good passes high, a single quick one low, and a burn as such', () => {
    const bench = benchOf();
    const good = markIron(runStrokes(bench, sweep(9, 3)));
    expect(good.quality).toBeGreaterThan(0.7);
    expect(good.bare).toBe(0);
    // The third of them runs too long, as on a bench.
    expect(good.goodTrails).toBeCloseTo(2 / 3, 2);
    expect(markIron(runStrokes(bench, sweep(3, 1))).quality).toBeLessThan(0.3);
    // Held on one place: hot there, bare elsewhere.
    const burnt = runStrokes({ ...bench, iron: { ...bench.iron, setC: 150 } }, [
      { atS: 0.01, placeM: 0.9, isDown: false },
      { atS: 0.02, placeM: 0.9, isDown: true },
      { atS: 60, placeM: 0.9, isDown: true },
    ]);
    const mark = markIron(burnt);
    expect(mark.peakC).toBeGreaterThan(130);
    expect(mark.hurt).toBeGreaterThan(0.03);
    expect(mark.bare).toBeGreaterThan(0.8);
    expect(mark.quality).toBeLessThan(0.1);
  });

  it('takes the pace of a hand over a place, not from frame to frame, and a lift at the tail as its end', () => {
    const bench = benchOf();
    // The same pass in fits and starts: still for a moment, then as far as it should be.
    const jerky: IronStroke[] = [{ atS: 0, placeM: 0.07, isDown: true }];
    for (let i = 1; i <= 100; i += 1) {
      const placeM = 0.07 + (1.76 * Math.floor(i / 4) * 4) / 100;
      jerky.push({ atS: i * 0.08, placeM, isDown: true });
    }
    const even = [jerky[0]!, { atS: 8, placeM: 1.83, isDown: true }];
    const [smooth, jerked] = [even, jerky].map(
      (strokes) =>
        markIron(runStrokes(bench, [...strokes, { atS: 8.05, placeM: 1.83, isDown: false }]))
          .trailByPlaceM,
    );
    for (let cell = 6; cell < 70; cell += 1) {
      expect(Math.abs(jerked![cell]! - smooth![cell]!)).toBeLessThan(0.02);
    }
    // There the plate lay only for a moment, so its trail is short; but there is one.
    expect(smooth![69]).toBeGreaterThan(0.005);
  });

  it('goes through the air where it is put down elsewhere, and is where it begins at once', () => {
    const bench = benchOf();
    const touched = ({ past }: IronRow) =>
      Array.from(past.peakC, (peakC, cell) => (peakC > bench.ski.startC + 1 ? cell : -1)).filter(
        (cell) => cell >= 0,
      );
    // Down at the tail from the first moment, lifted, and down at the tip a kept moment later.
    const row = runStrokes(bench, [
      { atS: 0, placeM: 1.83, isDown: true },
      { atS: 1, placeM: 1.83, isDown: true },
      { atS: 1.05, placeM: 1.83, isDown: false },
      { atS: 1.1, placeM: 0.07, isDown: true },
      { atS: 2, placeM: 0.07, isDown: true },
    ]);
    const cells = touched(row);
    expect(cells.every((cell) => cell < 6 || cell > 65)).toBe(true);
    expect(cells.some((cell) => cell < 6) && cells.some((cell) => cell > 65)).toBe(true);
  });

  it('has a way that is right for every wax, and refuses a hand that goes back in time', () => {
    for (const topic of IRON_TOPICS) {
      for (const seed of [1, 2, 3]) {
        const { bench } = ironItem(topic, seed);
        expect(bench.iron.setC).toBe(bench.wax.ironC);
        expect(markIron(ironRow(bench)).quality).toBe(0);
      }
    }
    const back = [
      { atS: 1, placeM: 0, isDown: false },
      { atS: 0.5, placeM: 0, isDown: false },
    ];
    expect(() => runStrokes(benchOf(), back)).toThrow('not_in_order');
  });
});

describe('the snow drill', () => {
  it('makes the mornings it names, the same for the same seed', () => {
    const grains = (topic: (typeof SNOW_TOPICS)[number]) =>
      Array.from({ length: 8 }, (_, i) => snowItem(topic, i + 1).truth.grain);
    expect(new Set(grains('new_snow'))).toEqual(new Set(['PP', 'DF']));
    expect(grains('machine_made')).toContain('MM');
    expect(grains('refrozen')).toContain('refrozen_crust');
    expect(grains('thaw')).toContain('MF');
    expect(grains('clear_night')).toContain('FC');
    expect(grains('settled').some((one) => one === 'RG' || one === 'DF')).toBe(true);
    expect(snowItem('thaw', 5)).toEqual(snowItem('thaw', 5));
    for (const topic of SNOW_TOPICS) {
      const { truth } = snowItem(topic, 9);
      expect(truth.temperatureC).toBeLessThanOrEqual(0);
      expect(Number.isFinite(truth.temperatureC)).toBe(true);
    }
  });

  it('makes false sureness cost', () => {
    const item = snowItem('clear_night', 3);
    const { temperatureC, grain, wetness } = item.truth;
    const sure = { probability: 0.95 };
    const belief = (off: number, sdK: number) =>
      markSnow(item, {
        temperatureC: temperatureC + off,
        sdK,
        grain: { said: grain, ...sure },
        wetness: { said: wetness, ...sure },
      });
    expect(belief(0, 0.5).quality).toBeGreaterThan(0.9);
    expect(belief(6, 0.5).quality).toBeLessThan(belief(6, 5).quality);
    expect(belief(4, 2).biasK).toBeCloseTo(4, 9);
    const wrong = markSnow(item, {
      temperatureC,
      sdK: 1,
      grain: { said: grain === 'PP' ? 'MM' : 'PP', probability: 0.9 },
      wetness: { said: wetness, ...sure },
    });
    expect(wrong.said).toEqual({ probability: 0.9, came: false });
    expect(wrong.grainScore).toBeCloseTo(-Math.log(0.1 / 6), 6);
  });

  it('draws grains by their shape: branches reach out, spheres do not, bound ones touch', () => {
    const spread = (dendricity: number, sphericity: number) => {
      const { grains } = lensView({ dendricity, sphericity, mm: 1, isBound: false }, 4);
      const radii = grains.flatMap(({ points }) => points.map(([x, y]) => Math.hypot(x, y)));
      const mean = radii.reduce((sum, one) => sum + one, 0) / radii.length;
      return (
        Math.sqrt(radii.reduce((sum, one) => sum + (one - mean) ** 2, 0) / radii.length) / mean
      );
    };
    expect(spread(1, 0.5)).toBeGreaterThan(1.5 * spread(0, 0.1));
    expect(spread(0, 0.1)).toBeGreaterThan(spread(0, 1));
    expect(
      lensView({ dendricity: 0, sphericity: 1, mm: 1, isBound: true }, 4).bonds.length,
    ).toBeGreaterThan(3);
  });
});

describe('the pick drill', () => {
  it('costs nothing for the best, seconds for others, and says to which side', () => {
    const item = pickItem('machine_made', 2);
    const { bestId, choice } = markPick(item, item.products[0]!.id);
    expect(markPick(item, bestId)).toMatchObject({ costS: 0, biasK: 0, quality: 1 });
    const softest = markPick(item, 'wet');
    expect(softest.biasK).toBeGreaterThan(0);
    const of = (id: string) => choice.ranking.find((one) => one.id === id)!.expectedLossSeconds;
    expect(softest.costS).toBeCloseTo(of('wet') - of(bestId), 9);
    expect(softest.quality).toBeLessThan(0.1);
    expect(() => markPick(item, 'nothing')).toThrow();
  });

  it('costs what the published loss costs, summed over a normal by hand', () => {
    const item = pickItem('machine_made', 2);
    const { bestId, choice } = markPick(item, 'wet');
    const sdK = Math.hypot(choice.spread.snowC, choice.spread.modelC);
    const friction = baseFriction(glidedSnow(choice.snow));
    const lossOf = (id: string) => {
      const { labelLowC, labelHighC } = item.products.find((one) => one.id === id)!;
      const [middle, spanK] = [0.5 * (labelLowC + labelHighC), labelHighC - labelLowC];
      let [sum, weights] = [0, 0];
      for (let z = -6; z <= 6; z += 0.003) {
        const x = choice.equivalentTemperatureC + sdK * z - middle;
        const beyond = Math.max(0, Math.abs(x) - spanK / 4);
        const weight = Math.exp(-0.5 * z * z);
        sum += weight * (0.005 * x * x + (x < 0 ? 0.1 : 0.04) * beyond * beyond);
        weights += weight;
      }
      // Without additives each lacks both that the snow asks for, 0.4 % apiece; wide labels pay for breadth.
      return sum / weights + 2 * 0.4 + 0.05 * Math.max(0, spanK - 6);
    };
    expect(choice.additives).toHaveLength(2);
    expect(item.products.every(({ additives }) => additives.length === 0)).toBe(true);
    for (const { id, expectedLossPercent } of choice.ranking) {
      expect(Math.abs(lossOf(id) - expectedLossPercent), id).toBeLessThan(0.01);
      // A hundredth of a per cent is a tenth of a second over this course.
      const cost = (of: string) => lossSeconds(item.outing, friction, lossOf(of));
      const costS = cost(id) - cost(bestId);
      expect(Math.abs(markPick(item, id).costS - costS), id).toBeLessThan(0.1 + 0.005 * costS);
    }
  });

  it('takes a reading of the past as its snow', () => {
    const { snow } = pickItem('thaw', 1);
    const past = { ...snow, temperatureC: -3.5 };
    expect(pickItem('thaw', 2, past).snow).toEqual(past);
  });
});

describe('the order of work', () => {
  it('finds nothing wrong with any sheet that the bench makes', () => {
    for (const programme of PROGRAMMES) {
      expect(orderFaults(buildSheet(GOLDEN[programme]).steps), programme).toEqual([]);
    }
  });

  it('lets several right orders count', () => {
    const item = orderItem('hot_wax', 2, NAMES);
    const keys = item.right.map(({ key }) => key);
    // The scraper may be sharpened at any time before it is used.
    const later = keys.filter((key) => key !== 'scraper');
    later.splice(later.indexOf('glide.warm'), 0, 'scraper');
    expect(markOrder(item, keys)).toEqual({ faults: [], quality: 1 });
    expect(markOrder(item, later)).toEqual({ faults: [], quality: 1 });
    expect(markOrder(item, keys.slice(1))).toBeUndefined();
    expect(markOrder(item, [...keys.slice(1), keys[1]!])).toBeUndefined();
  });

  it.each([
    ['hot_wax', 'glide.iron', 'glide.on', 'dry_iron'],
    ['hot_wax', 'glide.scrape', 'glide.cool', 'scraped_warm'],
    ['hot_wax', 'check', 'glide.scrape', 'checked_early'],
    ['hot_wax', 'scraper', 'check', 'blunt_scraper'],
    ['hot_wax', 'secure', 'check', 'not_secured'],
    ['hot_wax', 'glide.warm', 'glide.scrape', 'warm_scrape_late'],
    ['hot_wax', 'glide.cool', 'glide.on', 'wait_for_nothing'],
    ['hot_wax', 'open-structure', 'glide.scrape', 'brushed_wax'],
    ['clean', 'clean.flash-off', 'check', 'heat_on_solvent'],
    ['clean', 'clean.liquid', 'check', 'washed_off'],
    ['edges', 'edge.side', 'glide.cool', 'filings_in_wax'],
    ['edges', 'release', 'check', 'clamp_shut'],
    ['liquid', 'glide.dry', 'check', 'wax_not_dry'],
    ['structure', 'rill', 'glide.on', 'covered_structure'],
    ['klister', 'klister.on', 'glide.on', 'soiled_grip'],
    ['klister', 'glide.cork', 'secure', 'not_worked_in'],
  ] as const)('%s with %s moved before %s: %s', (topic, moved, to, code) => {
    const { right } = orderItem(topic, 1, NAMES);
    const step = right.find(({ key }) => key === moved)!;
    const rest = right.filter((one) => one !== step);
    rest.splice(to === 'check' ? rest.length : rest.findIndex(({ key }) => key === to), 0, step);
    const fault = orderFaults(rest).find((one) => one.code === code);
    expect(fault?.hurts).toBe(ORDER_FAULTS[code]);
  });

  it('is shuffled so that something is wrong, with every step there', () => {
    for (const topic of ORDER_TOPICS) {
      const { steps, right } = orderItem(topic, 7, NAMES);
      expect(orderFaults(steps).length).toBeGreaterThan(0);
      expect(new Set(steps)).toEqual(new Set(right));
      expect(steps.length).toBeLessThanOrEqual(18);
    }
  });
});

describe('see it and test it', () => {
  it('knows what a mark is, what comes first and whether the ski can be waxed', () => {
    expect(seeItem('delamination', 1)).toMatchObject({ first: 'shop', waxable: 'no' });
    expect(seeItem('burr', 1)).toMatchObject({ first: 'edges', waxable: 'after_work' });
    const item = seeItem('dry', 2);
    expect(markSee(item, { kind: 'dry', first: 'wax', waxable: 'yes' }).quality).toBe(1);
    expect(markSee(item, { kind: 'dry', first: 'clean', waxable: 'no' }).quality).toBe(0.5);
  });

  it('is as sure as six runs allow: clear ones tell, even ones do not', () => {
    const sure = (topic: 'clear' | 'none') =>
      Array.from({ length: 30 }, (_, i) => {
        const { probabilityA } = testItem(topic, i + 1);
        return Math.abs(2 * probabilityA - 1);
      }).reduce((sum, one) => sum + one / 30, 0);
    expect(sure('clear')).toBeGreaterThan(0.8);
    expect(sure('none')).toBeLessThan(0.65);
  });

  it('is calibrated: what the runs call likely comes as often', () => {
    const said = (['clear', 'close', 'none', 'drifting'] as const).flatMap((topic) =>
      Array.from({ length: 250 }, (_, i) => {
        const { probabilityA, faster } = testItem(topic, i + 1);
        const isA = probabilityA >= 0.5;
        return {
          probability: isA ? probabilityA : 1 - probabilityA,
          came: isA === (faster === 'A'),
        };
      }),
    );
    for (const { said: mean, came } of calibrationOf(said)) {
      expect(Math.abs(mean - came)).toBeLessThan(0.12);
    }
  });

  it('marks by what the runs allow, and keeps the Brier score', () => {
    const item = testItem('clear', 1);
    expect(markTest(item, item.probabilityA).quality).toBe(1);
    const isA = item.faster === 'A' ? 1 : 0;
    expect(markTest(item, 0.25).brier).toBeCloseTo((0.25 - isA) ** 2, 12);
    expect(markTest(item, 1 - item.probabilityA).quality).toBeLessThan(0.1);
  });
});

describe('progress', () => {
  it('says what is known: nothing at first, then the last answers most', () => {
    expect(skillOf([])).toMatchObject({ mean: 0.5, answers: 0 });
    expect(skillOf([]).high - skillOf([]).low).toBeGreaterThan(0.9);
    const grown = skillOf([...Array<number>(20).fill(0.2), ...Array<number>(20).fill(0.9)]);
    expect(grown.mean).toBeGreaterThan(0.65);
    expect(grown.low).toBeLessThan(grown.mean);
    const some = skillOf(Array<number>(30).fill(0.8));
    expect(some.high - some.low).toBeLessThan(0.2);
  });

  it('tells a bias from twenty answers on, with its interval by Student', () => {
    const marks = Array.from({ length: 20 }, (_, i) => ({
      biasK: i % 2 === 0 ? 3 : 0,
      costS: i % 2 === 0 ? 8 : 0,
    }));
    expect(biasOf(marks.slice(1))).toBeUndefined();
    const bias = biasOf(marks)!;
    expect(bias.meanK).toBe(1.5);
    expect(bias.costS).toBe(4);
    // Spread 1.539, t of 19 degrees 2.093: half the interval is 0.720.
    expect(bias.highK - bias.meanK).toBeCloseTo(0.72, 2);
    expect(bias.isClear).toBe(true);
  });

  it('holds what was said against what came, with the interval of Wilson', () => {
    const said = Array.from({ length: 10 }, (_, i) => ({ probability: 0.9, came: i < 8 }));
    const [bin, ...more] = calibrationOf(said);
    expect(more).toEqual([]);
    expect(bin).toMatchObject({ said: expect.closeTo(0.9, 9), came: 0.8, count: 10 });
    expect(bin!.low).toBeCloseTo(0.4902, 3);
    expect(bin!.high).toBeCloseTo(0.9433, 3);
  });
});

describe('what comes next', () => {
  const NOW = Date.UTC(2027, 0, 13);
  const answer = (drill: Answered['drill'], topic: string, quality: number, daysAgo: number) => ({
    drill,
    topic,
    quality,
    atMs: NOW - daysAgo * DAY_MS,
  });

  it('is new where nothing was asked, and never the same drill twice in a row', () => {
    const first = nextTopic([], NOW);
    expect(first.answers).toBe(0);
    const second = nextTopic([answer(first.drill, first.topic, 1, 0)], NOW, { not: first.drill });
    expect(second.drill).not.toBe(first.drill);
    expect(nextTopic([], NOW, { drill: 'order' }).drill).toBe('order');
  });

  it('brings back sooner what was wrong, and what is due before what is new', () => {
    const good = [0, 1, 2].map((i) => answer('see', 'burn', 1, 20 - i));
    const bad = [0, 1, 2].map((i) => answer('see', 'rust', 0.1, 20 - i));
    const states = topicStates([...good, ...bad], NOW);
    const of = (topic: string) => states.find((one) => one.topic === topic)!;
    expect(of('rust').dueMs).toBeLessThan(of('burn').dueMs!);
    expect(of('rust').recall).toBeLessThan(of('burn').recall);
    expect(nextTopic([...good, ...bad], NOW).topic).toBe('rust');
  });
});

describe('items', () => {
  it('are as hard as the model says, and picked near a wish', () => {
    for (const drill of DRILLS) {
      for (const topic of DRILL_TOPICS[drill]) {
        const item = { drill, topic, seed: 3 };
        expect(isItem(item)).toBe(true);
        const difficulty = difficultyOf(item);
        expect(difficulty).toBeGreaterThanOrEqual(0);
        expect(difficulty).toBeLessThanOrEqual(1);
      }
    }
    const item = { drill: 'test', topic: 'close', seed: 10 } as const;
    const near = difficultyOf({ ...item, seed: seedNear(item, 1) });
    for (let seed = 10; seed < 14; seed += 1) {
      expect(near).toBeGreaterThanOrEqual(difficultyOf({ ...item, seed }) - 1e-12);
    }
  });

  it('are refused when they are none', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DRILLS), fc.string(), fc.double(), (drill, topic, seed) => {
        const isKnown = DRILL_TOPICS[drill].includes(topic);
        expect(isItem({ drill, topic, seed }) && !isKnown).toBe(false);
      }),
    );
    expect(isItem({ drill: 'see', topic: 'burn', seed: 0 })).toBe(false);
    expect(isItem({ drill: 'see', topic: 'burn', seed: 1.5 })).toBe(false);
  });
});
