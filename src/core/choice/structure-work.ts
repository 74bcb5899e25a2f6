import type { Structure, SnowConditions } from '../wax';

/** How the structure of the day gets into the base. */
export interface StructureWork {
  brush: 'steel' | 'brass';
  /** Passes with the rilling tool; 0 leaves the grind as it is. */
  rillPasses: number;
  how: string;
}

/** Steel brush for coarse grain in snow warmer than this, brass for the finer colder, °C. */
const BRASS_BELOW_C = -15;
/** A grind within this of what is asked for is left alone, mm (house). */
const CLOSE_MM = 0.2;

/** Tool and passes for a structure; `grindMm` is the width of the ski's own grind, where known. */
export function structureWork(
  structure: Structure,
  snow: Pick<SnowConditions, 'temperatureC'>,
  grindMm?: number,
): StructureWork {
  const brush = snow.temperatureC < BRASS_BELOW_C ? 'brass' : 'steel';
  const brushed = `Open the structure with the ${brush} brush, tip to tail.`;
  if (grindMm !== undefined && Math.abs(grindMm - structure.widthMm) <= CLOSE_MM) {
    return { brush, rillPasses: 0, how: `${brushed} The grind fits: press nothing.` };
  }
  if (grindMm !== undefined && grindMm > structure.widthMm + CLOSE_MM) {
    return {
      brush,
      rillPasses: 0,
      how: `${brushed} The grind is coarser than asked: another ski.`,
    };
  }
  if (structure.kind === 'pressed_rills') {
    return {
      brush,
      rillPasses: 2,
      how: `${brushed} Two firm passes with the ${structure.widthMm} mm rill, glide zones only.`,
    };
  }
  if (structure.kind === 'coarse' || structure.kind === 'medium_coarse') {
    return {
      brush,
      rillPasses: 1,
      how: `${brushed} One pass with the ${structure.widthMm} mm rill, glide zones only.`,
    };
  }
  return { brush, rillPasses: 0, how: `${brushed} Press nothing.` };
}
