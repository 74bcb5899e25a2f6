import { nextTopic, PRACTICE, seedNear, skillOf, type Drill } from '@/core/practice';
import type { FrostDatabase } from '@/data/database';
import { listAnswers, type MarkedAnswer } from '@/data/practice';
import { listReadings } from '@/data/readings';
import type { ItemRef } from './situation';

/** Every third snow to pick for is one of the past. */
const PAST_EVERY = 3;
const MOST_PAST = 40;
/** Seeds that lie between the situations of one topic. */
const SEEDS_APART = 8;

/** Readings that were really taken, the newest first. */
async function pastReadings(db: FrostDatabase) {
  const readings = await listReadings(db, undefined, MOST_PAST);
  return readings.filter(({ source }) => source !== 'guess');
}

/** A number of one's own for a name, so that two people get other situations. */
const ownNumber = (learnerId: string) =>
  [...learnerId].reduce((sum, letter) => (31 * sum + letter.charCodeAt(0)) % 100_000, 7);

const answered = (answers: readonly MarkedAnswer[]) =>
  answers.map(({ drill, topic, quality, answeredAt }) => ({
    drill,
    topic,
    quality,
    atMs: Date.parse(answeredAt),
  }));

interface Wish {
  drill?: Drill;
  /** The drill that was just done. */
  not?: Drill;
  nowMs: number;
  /** For nobody's name: which situation, a whole number. */
  count: number;
}

/** What a person practises next: topic by what is forgotten or new, seed by what they can. */
export async function nextDrill(
  db: FrostDatabase,
  learnerId: string | undefined,
  wish: Wish,
): Promise<ItemRef> {
  const answers = learnerId === undefined ? [] : await listAnswers(db, learnerId);
  const { drill, topic } = nextTopic(answered(answers), wish.nowMs, wish);
  const own = answers.filter((one) => one.drill === drill);
  const done = own.filter((one) => one.topic === topic).length + wish.count;
  const from = 1 + SEEDS_APART * ((ownNumber(learnerId ?? '') + done) % PRACTICE.seedsUsed);
  const seed = seedNear(
    { drill, topic, seed: from },
    skillOf(own.map(({ quality }) => quality)).mean,
  );
  if (drill !== 'pick' || own.length % PAST_EVERY !== PAST_EVERY - 1) return { drill, topic, seed };
  const past = await pastReadings(db);
  const pastId = past[seed % Math.max(1, past.length)]?.id;
  return { drill, topic, seed, pastId };
}
