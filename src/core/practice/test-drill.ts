import { analyseGlide, type GlideResult, type GlideRun } from '../glide';
import { studentBeyond, studentLimit } from '../statistics';
import { drawFor } from './draw';
import { PRACTICE } from './figures';
import type { DrillMark } from './types';

const FIGURES = PRACTICE.test;

/** How far apart the skis are, and how the track changes. */
export const TEST_TOPICS = ['clear', 'close', 'none', 'drifting'] as const;
export type TestTopic = (typeof TEST_TOPICS)[number];

export const TEST_SKIS = ['A', 'B'] as const;
export type TestSki = (typeof TEST_SKIS)[number];

/** Six runs of two skis down a hill, in an order that takes an even drift out. */
export interface TestItem {
  runs: GlideRun[];
  /** Which is faster in truth, and by how much, s. */
  faster: TestSki;
  byS: number;
  /** How likely A is the faster one by the six runs, in the analysis of every glide test. */
  probabilityA: number;
}

const ORDER: readonly TestSki[] = ['A', 'B', 'B', 'A', 'A', 'B'];

/** How likely A is faster, by the runs alone: Student's t of the difference that the analysis found. */
function probabilityOfA(result: GlideResult, runs: number): number {
  const { a, estimate, high, low } = result.differences[0]!;
  if (estimate === 0) return PRACTICE.evenChance;
  // A mean for each ski and the drift are taken out.
  const freedom = runs - TEST_SKIS.length - 1;
  // Runs that fit to the last hundredth have no width: as sure as can be.
  const half = 0.5 * (high - low);
  const t = (estimate * studentLimit(PRACTICE.biasBeyond, freedom)) / half;
  const beyond = 0.5 * studentBeyond(t, freedom);
  // `estimate` is b − a in seconds: above 0, a is faster.
  const aFaster = t > 0 ? 1 - beyond : beyond;
  return a === 'A' ? aFaster : 1 - aFaster;
}

/** The test of a topic and a seed. */
export function testItem(topic: TestTopic, seed: number): TestItem {
  const draw = drawFor(topic, seed);
  const usualS = draw.between(FIGURES.secondsFrom);
  const noiseS = usualS * draw.between(FIGURES.noiseShare);
  const byS = noiseS * draw.between(FIGURES.differencesInNoise[topic]);
  const faster = draw.one(TEST_SKIS);
  const isDrifting = topic === 'drifting';
  const { usual, strong } = FIGURES.driftInNoise;
  const driftSPerMin = (noiseS * draw.between(isDrifting ? strong : usual)) / FIGURES.minutes;
  const runs = ORDER.map((ski, i): GlideRun => {
    const minute = i * FIGURES.minutes;
    const off = (ski === faster ? -0.5 : 0.5) * byS;
    const value = usualS + off + driftSPerMin * minute + draw.normal(noiseS);
    return { minute, ski, value: Math.round(value / FIGURES.readsS) * FIGURES.readsS };
  });
  const result = analyseGlide({ measure: 'seconds', runs });
  return { runs, faster, byS, probabilityA: probabilityOfA(result, runs.length) };
}

export interface TestMark extends DrillMark {
  faster: TestSki;
  byS: number;
  /** What the runs alone allow one to say. */
  probabilityA: number;
  /** Brier score of what was said, and of what the runs say. */
  brier: number;
  brierOfRuns: number;
}

/**
 * What was said of which is faster, held against what the runs allow: false sureness costs, and so does none. The Brier
 * score (1950) is of the truth.
 */
export function markTest(item: TestItem, saidA: number): TestMark {
  const isA = item.faster === 'A' ? 1 : 0;
  const brier = (saidA - isA) ** 2;
  const isSaidA = saidA >= PRACTICE.evenChance;
  // Against what the runs allow: to be as sure as they are is worth everything, whatever came.
  const off = Math.abs(saidA - item.probabilityA);
  return {
    quality: Math.max(0, 1 - off / FIGURES.offScale),
    said: { probability: isSaidA ? saidA : 1 - saidA, came: isSaidA === (isA === 1) },
    faster: item.faster,
    byS: item.byS,
    probabilityA: item.probabilityA,
    brier,
    brierOfRuns: (item.probabilityA - isA) ** 2,
  };
}
