import { IRON, IRON_FIGURES } from './figures';
import { ironPasses } from './passes';
import type { IronQuestion } from './types';

/** What someone saw: the trail after a pass. */
export interface SeenTrail {
  pass: number;
  trailM: number;
  /** How sure the eye is, m. */
  sdM?: number;
}

export interface IronFit {
  contact: number;
  /** One standard deviation of the logarithm of the contact. */
  logSd: number;
  /** No contact that irons have gives this trail: look again at trail, wax and room. */
  isPinned: boolean;
}

const [LOG_LOW, LOG_HIGH] = [
  Math.log(IRON_FIGURES.contact.range[0]),
  Math.log(IRON_FIGURES.contact.range[1]),
];
const { fitCells: CELLS, eyeSdM: EYE_SD_M, contactLogSd: PRIOR_LOG_SD } = IRON;

/**
 * The contact between plate and film that fits a trail someone saw, with its spread: the posterior on a grid of its
 * logarithm about the house's value.
 */
export function fitContact(question: IronQuestion, seen: SeenTrail): IronFit {
  const sd = seen.sdM ?? EYE_SD_M;
  let [sum, mean, square] = [0, 0, 0];
  let [most, nearest, nearestAt] = [-Infinity, Infinity, 0];
  const logs: number[] = [];
  const weights: number[] = [];
  for (let k = 0; k < CELLS; k += 1) {
    const log = LOG_LOW + ((LOG_HIGH - LOG_LOW) * (k + 0.5)) / CELLS;
    const { passes } = ironPasses({ ...question, passes: seen.pass, contact: Math.exp(log) });
    const off = (passes.at(-1)!.trailM - seen.trailM) / sd;
    if (Math.abs(off) < nearest) [nearest, nearestAt] = [Math.abs(off), k];
    const prior = (log - Math.log(IRON.contact)) / PRIOR_LOG_SD;
    const value = -0.5 * (off * off + prior * prior);
    logs.push(log);
    weights.push(value);
    most = Math.max(most, value);
  }
  logs.forEach((log, k) => {
    const weight = Math.exp(weights[k]! - most);
    sum += weight;
    mean += weight * log;
    square += weight * log * log;
  });
  mean /= sum;
  const isAtEdge = nearestAt === 0 || nearestAt === CELLS - 1;
  return {
    contact: Math.exp(mean),
    logSd: Math.sqrt(Math.max(0, square / sum - mean * mean)),
    isPinned: isAtEdge && nearest > 1,
  };
}
