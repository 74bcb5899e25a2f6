import type { Structure, SnowConditions } from '../wax';
import { CHOICE } from './figures';
import type { StructureTask } from './findings';

/** How the structure of the day gets into the base. */
export interface StructureWork {
  brush: 'steel' | 'brass';
  /** Passes with the rilling tool; 0 leaves the grind as it is. */
  rillPasses: number;
  how: StructureTask;
}

const { brassBelowC: BRASS_BELOW_C, closeGrindMm: CLOSE_MM } = CHOICE;

/** Tool and passes for a structure; `grindMm` is the width of the ski's own grind, where known. */
export function structureWork(
  structure: Pick<Structure, 'kind' | 'widthMm'>,
  snow: Pick<SnowConditions, 'temperatureC'>,
  grindMm?: number,
): StructureWork {
  const { kind, widthMm } = structure;
  const brush = snow.temperatureC < BRASS_BELOW_C ? 'brass' : 'steel';
  const work = (code: StructureTask['code'], rillPasses: number): StructureWork => ({
    brush,
    rillPasses,
    how: { code, brush, widthMm },
  });
  if (grindMm !== undefined && Math.abs(grindMm - widthMm) <= CLOSE_MM)
    return work('grind_fits', 0);
  if (grindMm !== undefined && grindMm > widthMm) return work('grind_too_coarse', 0);
  if (kind === 'pressed_rills') return work('two_firm_passes', 2);
  if (kind === 'coarse' || kind === 'medium_coarse') return work('one_pass', 1);
  return work('press_nothing', 0);
}
