import type { Choice, KeptTimer, Outing, Reading } from '@/core/model';
import { listChoices } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting, listOutings } from '@/data/outings';
import { listTimers } from '@/data/timers';
import { listReadings } from '@/data/readings';
import type { StartSnow } from '@/core/snow/outlook';
import { isDemo } from '@/server/demo';
import { keptStart } from '@/server/outlooks';

/** What the Snow line and the Day rail show. */
export interface FrameData {
  outing: Outing;
  outings: Outing[];
  latest: Reading | undefined;
  choice: Choice | undefined;
  /** Modelled, at the first place of the course; undefined without weather for the start. */
  start: StartSnow | undefined;
  timers: KeptTimer[];
  /** Made-up data, to look around in. */
  isDemo: boolean;
}

/** Loads the frame of an outing; undefined when there is none of this id. */
export async function loadFrame(
  db: FrostDatabase,
  outingId: string,
): Promise<FrameData | undefined> {
  const outing = await findOuting(db, outingId);
  if (!outing) return undefined;
  const course = await loadCourse(db, outing);
  const [outings, readings, choices, start, timers] = await Promise.all([
    listOutings(db),
    listReadings(db, outingId, 1),
    listChoices(db, outingId, 1),
    keptStart(course, outing.venue, outing.startAt),
    listTimers(db),
  ]);
  return {
    outing,
    outings,
    latest: readings[0],
    choice: choices[0],
    start,
    timers,
    isDemo: isDemo(),
  };
}
