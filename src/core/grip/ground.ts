import { atLastTime, typicalSnow, type SnowCases } from '../choice';
import type { SnowConditions } from '../wax';

/** The snow that grip is chosen for. */
export interface GripGround {
  /** At the start; undefined with neither reading nor outlook. */
  snow: SnowConditions | undefined;
  /** Snow temperature at the end of the time on snow, °C; undefined without an outlook. */
  laterC: number | undefined;
}

/** The snow for grip: from the outlook's cases where there are any, else from the reading. */
export function gripGround(
  cases: SnowCases | undefined,
  reading: SnowConditions | undefined,
): GripGround {
  if (!cases) return { snow: reading, laterC: undefined };
  const atStart = typicalSnow({ ...cases, timesMs: cases.timesMs.slice(0, 1) });
  return {
    // What was seen of the grain says refrozen or not; the outlook knows sharpness alone.
    snow: { ...atStart, grain: reading?.grain },
    laterC: cases.timesMs.length > 1 ? typicalSnow(atLastTime(cases)).temperatureC : undefined,
  };
}
