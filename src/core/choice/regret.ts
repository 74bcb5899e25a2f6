import { isExcluded, type GlideProduct, type OutingFacts, type OwnCorrection } from '../wax';
import { thinned, type SnowCases } from './cases';
import { demandsOf, NO_NUDGE, type Nudge } from './demands';
import type { RobustRanked } from './ranking';
import { spectrumLoss, spectrumOf, type Spectrum } from './spectrum';

/** A world that may turn out instead of the likely one. */
export const WORLDS = ['colder', 'likely', 'warmer', 'drier', 'moister'] as const;
export type World = (typeof WORLDS)[number];

export const WORLD_STEP_K = 3;

/** How far each world lies from the likely one (house: about one and a half of the usual spread). */
export const WORLD_NUDGES: Record<World, Nudge> = {
  colder: { ...NO_NUDGE, temperatureK: -WORLD_STEP_K },
  likely: NO_NUDGE,
  warmer: { ...NO_NUDGE, temperatureK: WORLD_STEP_K },
  drier: { ...NO_NUDGE, humidity: -0.25 },
  moister: { ...NO_NUDGE, humidity: 0.25, wetnessSteps: 1 },
};

/** Every fourth member is enough for a column. */
const MEMBERS_A_COLUMN = 4;

export interface RegretRow {
  id: string;
  name: string;
  /** Expected loss over the best of the shelf in that world, %. */
  regretPercent: Record<World, number>;
  lossPercent: Record<World, number>;
}

/** What each of the first products would cost over the best one, were the day otherwise than `likely`. */
export function regretTable(
  cases: SnowCases,
  likely: Spectrum,
  products: readonly GlideProduct[],
  outing: OutingFacts,
  own: OwnCorrection,
  ranking: readonly RobustRanked[],
  count = 5,
): RegretRow[] {
  const allowed = products.filter((one) => !isExcluded(one, outing));
  const top = ranking.filter((one) => !one.excluded).slice(0, count);
  const rows = top.map(({ id, name }) => ({
    id,
    name,
    regretPercent: {} as Record<World, number>,
    lossPercent: {} as Record<World, number>,
  }));
  const few = thinned(cases, MEMBERS_A_COLUMN);
  for (const world of WORLDS) {
    const spectrum =
      world === 'likely'
        ? likely
        : spectrumOf(few, demandsOf(few, outing, own, WORLD_NUDGES[world]));
    const losses = new Map(allowed.map((one) => [one.id, spectrumLoss(spectrum, one)]));
    const least = Math.min(...losses.values());
    for (const row of rows) {
      row.lossPercent[world] = losses.get(row.id)!;
      row.regretPercent[world] = losses.get(row.id)! - least;
    }
  }
  return rows;
}
