import { nextPass, startRun } from '../iron/run';
import { IRON } from '../iron/figures';
import { firstGuessOfSnowTemperature } from '../snow';
import { PRACTICE } from './figures';
import { IRON_TOPICS, ironItem, type IronTopic } from './iron-drill';
import { ORDER_TOPICS } from './order-drill';
import { PICK_TOPICS, pickItem, rankItem } from './pick-drill';
import { SEE_TOPICS, seeItem } from './see-drill';
import { SNOW_TOPICS, snowItem, type SnowTopic } from './snow-drill';
import { TEST_TOPICS, testItem, type TestTopic } from './test-drill';
import type { Drill, DrillItem } from './types';
import type { FindingKind } from '../terms';

/** What each drill can be about: what comes again until it is known. */
export const DRILL_TOPICS: Readonly<Record<Drill, readonly string[]>> = {
  iron: IRON_TOPICS,
  snow: SNOW_TOPICS,
  pick: PICK_TOPICS,
  order: ORDER_TOPICS,
  see: SEE_TOPICS,
  test: TEST_TOPICS,
};

/** Whether there is such an item: a known topic and a seed that is a whole number from 1 on. */
export const isItem = ({ drill, topic, seed }: DrillItem): boolean =>
  DRILL_TOPICS[drill].includes(topic) &&
  Number.isInteger(seed) &&
  seed >= 1 &&
  seed <= PRACTICE.mostSeed;

const clamped = (value: number) => Math.min(1, Math.max(0, value));

const DIFFICULTY: Readonly<Record<Drill, (item: DrillItem) => number>> = {
  // How few paces of a hand leave a good first trail.
  iron: ({ topic, seed }) => {
    const { bench } = ironItem(topic as IronTopic, seed);
    const paces = IRON.pace.narrow;
    const good = paces.filter((passS) => {
      const { trailM } = nextPass(startRun(bench), { passS, restS: 0 });
      return trailM >= IRON.trailLeastM && trailM <= IRON.trailMostM;
    });
    return 1 - good.length / paces.length;
  },
  // How far the snow lies from what the air alone would have said.
  snow: ({ topic, seed }) => {
    const { truth, seen } = snowItem(topic as SnowTopic, seed);
    const guess = firstGuessOfSnowTemperature(seen.nowC, seen.morningSky, 'dawn');
    const off = Math.abs(guess.temperatureC - truth.temperatureC) / guess.temperatureSdC;
    return clamped(off / PRACTICE.difficulty.spreads);
  },
  // How close the second is to the first.
  pick: ({ topic, seed }) => {
    const item = pickItem(topic as SnowTopic, seed);
    const [first, second] = rankItem(item).ranking;
    const marginS = second!.expectedLossSeconds - first!.expectedLossSeconds;
    return Math.exp(-marginS / (PRACTICE.difficulty.secondsPerKm * item.outing.distanceKm));
  },
  order: ({ topic }) => PRACTICE.difficulty.order[topic as keyof typeof PRACTICE.difficulty.order],
  // A single mark is easily missed.
  see: ({ topic, seed }) => 1 / seeItem(topic as FindingKind, seed).findings.length,
  // How little the runs tell.
  test: ({ topic, seed }) => 1 - Math.abs(2 * testItem(topic as TestTopic, seed).probabilityA - 1),
};

/** How hard an item is by the model, 0…1. */
export const difficultyOf = (item: DrillItem): number => DIFFICULTY[item.drill](item);

/** Of some seeds from one on, that whose item is nearest to a difficulty. */
export function seedNear(item: DrillItem, wanted: number): number {
  const seeds = Array.from({ length: PRACTICE.difficulty.tries }, (_, i) => item.seed + i);
  const off = (seed: number) => Math.abs(difficultyOf({ ...item, seed }) - wanted);
  return seeds.reduce((best, seed) => (off(seed) < off(best) ? seed : best));
}
