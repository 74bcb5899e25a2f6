import type { IronReason } from './findings';
import { IRON, IRON_LIMITS } from './figures';
import { checkBench } from './passes';
import { isHeldAcross } from './presets';
import { copyRun, nextPass, rest, startRun, type IronRun } from './run';
import { smokeOf, type IronBench, type IronPass, type PassTiming } from './types';
import { uptakeOf } from './uptake';

/** One pass as advised, with the trail it leaves. */
export interface AdvisedPass extends PassTiming {
  trailM: number;
}

/** How to iron: where to set it, and pass by pass how fast and with what rest. */
export interface IronAdvice {
  setC: number;
  passes: AdvisedPass[];
  /** Share of what is empty in the base that these passes fill. */
  uptakeFraction: number;
  /** What the plate loses in a pass at the most, K. */
  sagK: number;
}

export interface IronVerdict {
  advice: IronAdvice | undefined;
  /** Why it is this, or why there is none. */
  reason: IronReason;
}

const { least: LEAST_PASSES } = IRON.advisedPasses;
const { adviceWeights: WEIGHTS, restS: RESTS } = IRON;

/** Paces of practice on a ski of this width, s. */
const pacesFor = (widthM: number): readonly number[] =>
  isHeldAcross(widthM) ? IRON.pace.wide : IRON.pace.narrow;

const sagOf = (one: IronPass) => Math.max(0, one.plateStartC - one.plateEndC);

/** A way of ironing under search. */
interface Way {
  run: IronRun;
  timings: PassTiming[];
  trails: number[];
  sagK: number;
}

/** The pass that goes on best from here, and the rest before it; undefined: none leaves a good trail. */
function bestNext(way: Way, paces: readonly number[], trailMostM: number): Way | undefined {
  let best: Way | undefined;
  let most = -Infinity;
  const isFirst = way.timings.length === 0;
  for (const restS of isFirst ? [0] : RESTS) {
    const rested = copyRun(way.run);
    rest(rested, restS);
    for (const passS of paces) {
      const run = copyRun(rested);
      const made = nextPass(run, { passS, restS: 0 });
      // A slower pass leaves a longer trail still.
      if (made.trailM > trailMostM || made.peakBaseC > IRON.warnBaseC) break;
      if (made.trailM < IRON.trailLeastM || run.filmMostC > smokeOf(run.question.wax)) continue;
      const sagK = Math.max(way.sagK, sagOf(made));
      const value =
        uptakeOf(run.diffusedM2) -
        WEIGHTS.restPerS * restS -
        WEIGHTS.sagPerK * Math.max(0, sagK - IRON.sagMostK);
      if (value <= most) continue;
      most = value;
      const before = way.timings.map((one, i) =>
        i === way.timings.length - 1 ? { ...one, restS } : one,
      );
      const timings = [...before, { passS, restS: 0 }];
      best = { run, timings, trails: [...way.trails, made.trailM], sagK };
    }
  }
  return best;
}

/** Up to five passes at a set temperature under a plan of how long each trail may be, each the best that can follow. */
function wayUnder(plan: readonly number[], at: IronBench): IronAdvice | undefined {
  const paces = pacesFor(at.ski.widthM);
  let way: Way = { run: startRun(at), timings: [], trails: [], sagK: 0 };
  for (const trailMostM of plan) {
    const next = bestNext(way, paces, trailMostM);
    if (!next) break;
    way = next;
  }
  if (way.timings.length === 0) return undefined;
  return {
    setC: at.iron.setC,
    passes: way.timings.map((one, i) => ({ ...one, trailM: way.trails[i]! })),
    uptakeFraction: uptakeOf(way.run.diffusedM2),
    sagK: way.sagK,
  };
}

/** What can be done at a set temperature: by the first plan that gives enough passes and uptake, else by all. */
function waysAt(question: IronBench, setC: number): IronAdvice[] {
  const at = { ...question, iron: { ...question.iron, setC } };
  const ways: IronAdvice[] = [];
  for (const plan of IRON.trailPlansM) {
    const way = wayUnder(plan, at);
    if (way) ways.push(way);
    if (way && isEnough(way)) break;
  }
  return ways;
}

const isEnough = ({ passes, uptakeFraction }: IronAdvice) =>
  passes.length >= LEAST_PASSES && uptakeFraction >= IRON.enoughUptake;

function valueOf({ setC, passes, uptakeFraction, sagK }: IronAdvice, labelC: number): number {
  return (
    uptakeFraction -
    WEIGHTS.belowLabelPerK * (labelC - setC) -
    WEIGHTS.sagPerK * Math.max(0, sagK - IRON.sagMostK) -
    (passes.length < LEAST_PASSES ? WEIGHTS.fewer : 0)
  );
}

function whyNone(question: IronBench): IronReason {
  const { wax, ski } = question;
  const [setMostC] = setsFor(question);
  const setC = setMostC ?? wax.ironC;
  const paces = pacesFor(ski.widthM);
  const [quickestS, slowestS] = [paces[0]!, paces.at(-1)!];
  const first = (passS: number) =>
    nextPass(startRun({ ...question, iron: { ...question.iron, setC } }), { passS, restS: 0 });
  const slow = first(slowestS);
  if (slow.trailM < IRON.trailLeastM && sagOf(slow) > IRON.sagMostK) {
    return { code: 'iron_sags', sagK: sagOf(slow) };
  }
  if (slow.trailM < IRON.trailLeastM) return { code: 'film_sets', slowestS, setC };
  if (first(quickestS).peakBaseC > IRON.warnBaseC) {
    return { code: 'base_too_hot', setC, baseMostC: IRON.warnBaseC };
  }
  return { code: 'trail_stays_long', quickestS, mostM: IRON.trailMostM };
}

/** The label's iron temperature and up to ten kelvin under it, never over its limit. */
function setsFor({ wax }: IronBench): number[] {
  const [least, most] = IRON_LIMITS.setC.range;
  return IRON.setsBelowLabelK
    .map((below) => Math.round(wax.ironC) - below)
    .filter((setC) => setC >= least && setC <= most && setC < smokeOf(wax));
}

/**
 * How to iron this wax into this ski: at the label's iron temperature or up to 10 K under it, pass by pass the pace and
 * the rest that keep the liquid trail at 1 to 10 cm and fill the base; or why there is no such way. Questions no bench has:
 * DomainError.
 */
export function ironAdvice(question: IronBench): IronVerdict {
  checkBench(question);
  const labelC = Math.round(question.wax.ironC);
  let best: IronAdvice | undefined;
  for (const setC of setsFor(question)) {
    for (const way of waysAt(question, setC)) {
      if (!best || valueOf(way, labelC) > valueOf(best, labelC)) best = way;
    }
    if (best && isEnough(best)) break;
  }
  if (!best) return { advice: undefined, reason: whyNone(question) };
  const { trailLeastM: leastM, trailMostM: mostM } = IRON;
  if (best.sagK > IRON.sagMostK)
    return { advice: best, reason: { code: 'iron_sags', sagK: best.sagK } };
  return {
    advice: best,
    reason:
      best.passes.length >= LEAST_PASSES
        ? { code: 'trail_in_range', leastM, mostM }
        : { code: 'cool_after', passes: best.passes.length, mostM },
  };
}
