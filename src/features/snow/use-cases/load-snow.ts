import { daySnow, demandOf } from '@/core/choice';
import type { CourseData, Outing, Reading } from '@/core/model';
import type { OwnCorrection } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { loadCourse } from '@/data/course';
import { readingsWithPhoto } from '@/data/photos';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { listTrackEvents } from '@/data/track-events';
import { courseSnow } from '@/server/cases';
import { ownOf } from '@/server/learning';
import { pretendedSnow } from '../instruments/pretended-snow';
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

const MOST_SHOWN = 100;

/** What the Snow screen shows: the latest readings, the outlook, and what a simulated instrument would read. */
export async function loadSnowScreen(db: FrostDatabase, outing: Outing, nowMs: number) {
  const [readings, products, course, trackEvents] = await Promise.all([
    listReadings(db, outing.id, MOST_SHOWN),
    listProducts(db, 'glide'),
    loadCourse(db, outing),
    listTrackEvents(db, outing.id),
  ]);
  const shown = await loadSnow(db, { course, outing, latest: readings[0] });
  const ids = readings.map(({ id }) => id);
  const photos = await readingsWithPhoto(db, ids);
  return {
    ...shown,
    outing,
    readings: readings.map((one) => ({ ...one, hasPhoto: photos.has(one.id) })),
    products,
    course,
    trackEvents,
    pretended: pretendedSnow(shown.view.ok ? shown.view.snow : undefined, nowMs),
  };
}
