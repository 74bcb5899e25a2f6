import { daySnow, demandOf } from '@/core/choice';
import type { CourseData, Outing, Reading } from '@/core/model';
import type { OwnCorrection } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { courseSnow } from '@/server/cases';
import { ownOf } from '@/server/learning';
import type { SnowView } from '../outlook-part';
import type { StartAnswer } from '../snow-answer';

/** The outlook of every place of the course, and the one figure for the start with what it asks for. */
export async function loadSnow(
  db: FrostDatabase,
  { course, outing, latest }: { course: CourseData; outing: Outing; latest: Reading | undefined },
): Promise<{ view: SnowView; start: StartAnswer | undefined; own: OwnCorrection }> {
  const made = await courseSnow(db, { course, outing, reading: latest });
  const own = await ownOf(db, outing);
  const day = daySnow(outing, made.ok ? made.snow.cases : undefined, latest);
  const view: SnowView = made.ok ? { ok: true, snow: { ...made.snow, cases: undefined } } : made;
  if (!day) return { view, own, start: undefined };
  const { cases, basis, snow } = day;
  const { equivalentTemperatureC, equivalentSdC, hardness } = demandOf({ cases, outing, own });
  const { timesMs } = cases;
  return {
    view,
    own,
    start: {
      basis,
      snow,
      equivalentTemperatureC,
      equivalentSdC,
      hardness,
      fromMs: timesMs[0]!,
      toMs: timesMs.at(-1)!,
    },
  };
}
