import type { CourseSnow } from '@/core/choice';
import { snowAt } from '@/core/snow/outlook';
import type { PretendedSnow } from './stand-in-instruments';

const NO_OUTLOOK = { contactC: -6, surfaceC: -7, airC: -3, humidityFraction: 0.7 };

/** The snow of now as the outlook has it, for the stand-in instruments to measure. */
export function pretendedSnow(
  modelled: Omit<CourseSnow, 'cases'> | undefined,
  nowMs: number,
): PretendedSnow {
  const start = modelled?.places[0]!.start;
  if (!modelled || !start) return NO_OUTLOOK;
  const { timesMs } = modelled.curves;
  const now = snowAt(modelled.curves, Math.min(timesMs.at(-1)!, Math.max(timesMs[0]!, nowMs)));
  if (!now) return NO_OUTLOOK;
  return {
    contactC: now.contactC.p50,
    surfaceC: now.surfaceC,
    airC: start.airTemperatureC,
    humidityFraction: start.humidityFraction,
  };
}
