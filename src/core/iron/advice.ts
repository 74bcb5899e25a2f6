import type { IronReason } from './findings';
import { IRON, IRON_LIMITS } from './figures';
import { ironPasses, type IronAnswer } from './passes';
import type { IronQuestion } from './types';

/** Set temperature, pace and passes that give a trail of practice. */
export interface IronAdvice {
  setC: number;
  passS: number;
  passes: number;
}

export interface IronVerdict {
  advice: IronAdvice | undefined;
  /** Why it is this, or why there is none. */
  reason: IronReason;
}

const { slowestS: SLOWEST_S, quickestS: QUICKEST_S } = IRON.pace;
const { stepC: STEP_C, belowLabelK: BELOW_LABEL_K, bisections: BISECTIONS } = IRON;
const { most: MOST_PASSES, wished: WISHED_PASSES } = IRON.advisedPasses;
const [LEAST_SET_C, MOST_SET_C] = IRON_LIMITS.setC.range;

/** How many passes in a row stay within 2 to 8 cm without harm. */
function goodPasses(answer: IronAnswer): number {
  const bad = answer.passes.findIndex(
    (one) =>
      one.trailM < IRON.trailLeastM ||
      one.trailM > IRON.trailMostM ||
      one.peakBaseC > IRON.warnBaseC,
  );
  return bad < 0 ? answer.passes.length : bad;
}

const ask = (
  question: IronQuestion,
  { setC, passS, passes }: { setC: number; passS: number; passes: number },
) => ironPasses({ ...question, iron: { ...question.iron, setC }, passS, passes });

/** The pace at which the first pass leaves the least trail of practice at a set temperature; by bisection. */
function paceFor(question: IronQuestion, setC: number): number | undefined {
  const trail = (passS: number) => ask(question, { setC, passS, passes: 1 }).passes[0]!.trailM;
  if (trail(SLOWEST_S) < IRON.trailLeastM) return undefined;
  if (trail(QUICKEST_S) >= IRON.trailLeastM) return QUICKEST_S;
  let [quick, slow] = [QUICKEST_S, SLOWEST_S];
  for (let k = 0; k < BISECTIONS; k += 1) {
    const middle = 0.5 * (quick + slow);
    if (trail(middle) >= IRON.trailLeastM) slow = middle;
    else quick = middle;
  }
  return Math.ceil(slow * 2) / 2;
}

function whyNone(question: IronQuestion): IronReason {
  const { wax, iron } = question;
  const label = ask(question, {
    setC: Math.min(MOST_SET_C, wax.ironC),
    passS: SLOWEST_S,
    passes: 1,
  }).passes[0]!;
  const sag = label.plateStartC - label.plateEndC;
  if (sag > IRON.sagMostK) {
    return { code: 'iron_sags', sagK: sag };
  }
  if (label.trailM < IRON.trailLeastM) {
    return { code: 'film_sets', slowestS: SLOWEST_S, setC: wax.ironC };
  }
  if (label.peakBaseC > IRON.warnBaseC) {
    return { code: 'base_too_hot', setC: iron.setC, baseMostC: IRON.warnBaseC };
  }
  return { code: 'trail_stays_long', quickestS: QUICKEST_S, mostM: IRON.trailMostM };
}

/**
 * Which set temperature and pace give a trail of 2 to 8 cm for this wax, ski, iron and room, nearest to the label's iron
 * temperature, and for how many passes in a row; or why there is none. Questions no bench has: DomainError.
 */
export function ironAdvice(question: IronQuestion): IronVerdict {
  const { wax } = question;
  const most = Math.min(MOST_SET_C, wax.smokeC ?? wax.ironC + IRON.smokeOverIronK - STEP_C);
  const sets: number[] = [];
  for (let setC = Math.round(wax.ironC); setC >= wax.ironC - BELOW_LABEL_K; setC -= STEP_C) {
    if (setC <= most && setC >= LEAST_SET_C) sets.push(setC);
  }
  let best: IronAdvice | undefined;
  for (const setC of sets) {
    const passS = paceFor(question, setC);
    if (passS === undefined) break;
    const passes = goodPasses(ask(question, { setC, passS, passes: MOST_PASSES }));
    if (passes > (best?.passes ?? 0)) best = { setC, passS, passes };
    if (passes >= WISHED_PASSES) break;
  }
  if (!best) return { advice: undefined, reason: whyNone(question) };
  const { trailLeastM: leastM, trailMostM: mostM } = IRON;
  return {
    advice: best,
    reason:
      best.passes >= WISHED_PASSES
        ? { code: 'trail_in_range', leastM, mostM }
        : { code: 'cool_after', passes: best.passes, mostM },
  };
}
