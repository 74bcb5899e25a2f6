import { IRON_LIMITS } from './materials';
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
  reason: string;
}

/** Paces of practice, s a pass. */
const SLOWEST_S = 12;
const QUICKEST_S = 5;
const STEP_C = 5;
/** An iron is never set farther below the label than this, K, nor above what the wax bears. */
const BELOW_LABEL_K = 30;
const MOST_PASSES = 6;
const BISECTIONS = 6;
const WISHED_PASSES = 3;

/** How many passes in a row stay within 2 to 8 cm without harm. */
function goodPasses(answer: IronAnswer): number {
  const bad = answer.passes.findIndex(
    (one) =>
      one.trailM < IRON_LIMITS.trailLeastM ||
      one.trailM > IRON_LIMITS.trailMostM ||
      one.peakBaseC > IRON_LIMITS.warnBaseC,
  );
  return bad < 0 ? answer.passes.length : bad;
}

const ask = (question: IronQuestion, setC: number, passS: number, passes: number) =>
  ironPasses({ ...question, iron: { ...question.iron, setC }, passS, passes });

/** The pace at which the first pass leaves the least trail of practice at a set temperature; by bisection. */
function paceFor(question: IronQuestion, setC: number): number | undefined {
  const trail = (passS: number) => ask(question, setC, passS, 1).passes[0]!.trailM;
  if (trail(SLOWEST_S) < IRON_LIMITS.trailLeastM) return undefined;
  if (trail(QUICKEST_S) >= IRON_LIMITS.trailLeastM) return QUICKEST_S;
  let [quick, slow] = [QUICKEST_S, SLOWEST_S];
  for (let k = 0; k < BISECTIONS; k += 1) {
    const middle = 0.5 * (quick + slow);
    if (trail(middle) >= IRON_LIMITS.trailLeastM) slow = middle;
    else quick = middle;
  }
  return Math.ceil(slow * 2) / 2;
}

function whyNone(question: IronQuestion): string {
  const { wax, iron } = question;
  const label = ask(question, Math.min(200, wax.ironC), SLOWEST_S, 1).passes[0]!;
  const sag = label.plateStartC - label.plateEndC;
  if (sag > IRON_LIMITS.sagMostK) {
    return `This iron sags ${Math.round(sag)} K a pass: wax half the ski at a time, or take the heavier iron.`;
  }
  if (label.trailM < IRON_LIMITS.trailLeastM) {
    return `Even at ${SLOWEST_S} s a pass the film sets under the iron at ${Math.round(wax.ironC)} °C: warm the ski and the room first, or take a softer wax.`;
  }
  if (label.peakBaseC > IRON_LIMITS.warnBaseC) {
    return `The wax wants ${Math.round(iron.setC)} °C, and the base bears no more than ${IRON_LIMITS.warnBaseC} °C: cork it in instead.`;
  }
  return `Even at ${QUICKEST_S} s a pass the trail is over 8 cm: let the ski cool, or set the iron lower than the label.`;
}

/**
 * Which set temperature and pace give a trail of 2 to 8 cm for this wax, ski, iron and room, nearest to the label's iron
 * temperature, and for how many passes in a row; or why there is none. Questions no bench has: DomainError.
 */
export function ironAdvice(question: IronQuestion): IronVerdict {
  const { wax } = question;
  const most = Math.min(200, wax.smokeC ?? wax.ironC + IRON_LIMITS.smokeOverIronK - STEP_C);
  const sets: number[] = [];
  for (let setC = Math.round(wax.ironC); setC >= wax.ironC - BELOW_LABEL_K; setC -= STEP_C) {
    if (setC <= most && setC >= 60) sets.push(setC);
  }
  let best: IronAdvice | undefined;
  for (const setC of sets) {
    const passS = paceFor(question, setC);
    if (passS === undefined) break;
    const passes = goodPasses(ask(question, setC, passS, MOST_PASSES));
    if (passes > (best?.passes ?? 0)) best = { setC, passS, passes };
    if (passes >= WISHED_PASSES) break;
  }
  if (!best) return { advice: undefined, reason: whyNone(question) };
  const reason =
    best.passes >= WISHED_PASSES
      ? 'The trail stays between 2 and 8 cm over these passes.'
      : `The trail passes 8 cm after ${best.passes === 1 ? 'one pass' : `${best.passes} passes`}: let the ski cool to the room, then go over it again.`;
  return { advice: best, reason };
}
