import { IRON } from './figures';
import { MAP_REGIONS } from './map-axes';
import { ironPasses } from './passes';
import type { IronQuestion } from './types';

/** One row of the map: a set temperature at every pace, as places in {@link MAP_REGIONS}. */
export function mapRow(question: IronQuestion, setC: number, passS: readonly number[]): number[] {
  return passS.map((pace) => {
    const { passes, warnings } = ironPasses({
      ...question,
      iron: { ...question.iron, setC },
      passS: pace,
    });
    const last = passes.at(-1)!;
    const isHarmful =
      last.peakBaseC > IRON.warnBaseC || warnings.some(({ code }) => code === 'wax_smokes');
    if (isHarmful) return MAP_REGIONS.indexOf('harms');
    if (passes[0]!.trailM < IRON.trailLeastM) return MAP_REGIONS.indexOf('sets_at_once');
    return MAP_REGIONS.indexOf(last.trailM > IRON.trailMostM ? 'flows_too_far' : 'good');
  });
}
