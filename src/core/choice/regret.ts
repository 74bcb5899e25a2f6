import { isExcluded, type GlideProduct, type OutingFacts, type OwnCorrection } from '../wax';
import { thinned, type SnowCases } from './cases';
import { demandsOf } from './demands';
import { NO_NUDGE, type Nudge } from './nudge';
import { CHOICE } from './figures';
import type { RobustRanked } from './ranking';
import { spectrumLoss, spectrumOf, type Spectrum } from './spectrum';

/** A world that may turn out instead of the likely one. */
export const WORLDS = ['colder', 'likely', 'warmer', 'drier', 'moister'] as const;
export type World = (typeof WORLDS)[number];

export const WORLD_STEP_K = CHOICE.worlds.stepK;

/** How far each world lies from the likely one (house: about one and a half of the usual spread). */
export const WORLD_NUDGES: Record<World, Nudge> = {
  colder: { ...NO_NUDGE, temperatureK: -WORLD_STEP_K },
  likely: NO_NUDGE,
  warmer: { ...NO_NUDGE, temperatureK: WORLD_STEP_K },
  drier: { ...NO_NUDGE, humidity: -CHOICE.worlds.humidity },
  moister: {
    ...NO_NUDGE,
    humidity: CHOICE.worlds.humidity,
    wetnessSteps: CHOICE.worlds.wetnessSteps,
    wetsFromC: CHOICE.worlds.wetsFromC,
  },
};

export interface RegretRow {
  id: string;
  name: string;
  /** Expected loss over the best of the shelf in that world, %. */
  regretPercent: Record<World, number>;
  lossPercent: Record<World, number>;
}

interface RegretGround {
  cases: SnowCases;
  /** The spectrum of the cases as they are. */
  likely: Spectrum;
  products: readonly GlideProduct[];
  outing: OutingFacts;
  own: OwnCorrection;
  ranking: readonly RobustRanked[];
}

/** What each of the first products would cost over the best one, were the day otherwise than `likely`. */
export function regretTable(ground: RegretGround): RegretRow[] {
  const { cases, likely, products, outing, own, ranking } = ground;
  const allowed = products.filter((one) => !isExcluded(one, outing));
  const top = ranking.filter((one) => !one.excluded).slice(0, CHOICE.worlds.rows);
  const rows = top.map(({ id, name }) => ({
    id,
    name,
    regretPercent: {} as Record<World, number>,
    lossPercent: {} as Record<World, number>,
  }));
  const few = thinned(cases, CHOICE.membersAColumn);
  for (const world of WORLDS) {
    const spectrum =
      world === 'likely'
        ? likely
        : spectrumOf(few, demandsOf(few, { outing, own, nudge: WORLD_NUDGES[world] }));
    const losses = new Map(allowed.map((one) => [one.id, spectrumLoss(spectrum, one)]));
    const least = Math.min(...losses.values());
    for (const row of rows) {
      row.lossPercent[world] = losses.get(row.id)!;
      row.regretPercent[world] = losses.get(row.id)! - least;
    }
  }
  return rows;
}
