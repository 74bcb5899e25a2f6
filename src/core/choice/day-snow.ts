import { basisOf, type Basis, type SnowConditions } from '../wax';
import { casesFromReading, type SnowCases } from './cases';
import { typicalSnow } from './typical-snow';

/** The snow of an outing, as every screen means it: over the course and its start window, or as measured there. */
export interface DaySnow {
  basis: Basis;
  snow: SnowConditions;
  cases: SnowCases;
}

/** From the modelled cases and the last reading; undefined without either. */
export function daySnow(
  outing: { startAt: string },
  modelled: SnowCases | undefined,
  reading: (SnowConditions & { takenAt: string }) | undefined,
): DaySnow | undefined {
  const startMs = Date.parse(outing.startAt);
  const basis = basisOf(modelled && startMs, reading && { takenMs: Date.parse(reading.takenAt) });
  if (!basis) return undefined;
  const cases = basis.kind === 'modelled' ? modelled! : casesFromReading(reading!, startMs);
  return { basis, snow: typicalSnow(cases), cases };
}
