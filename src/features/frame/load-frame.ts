import type { Choice, KeptTimer, Outing, Reading } from '@/core/model';
import { listChoices } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting, listOutings } from '@/data/outings';
import { listTimers } from '@/data/timers';
import { listReadings } from '@/data/readings';
import { looksOnly } from '@/server/caller';
import { isDemo } from '@/server/demo';
import { modelledCases } from '@/server/cases';
import { daySnow, estimatedHours, type DaySnow } from '@/core/choice';
import { dayAndTime } from '@/words/times';

const HOUR_MS = 3_600_000;

/** What the Snow line and the Day rail show. */
export interface FrameData {
  outing: Outing;
  /** Its start on the clock of its venue: the first clock of a browser costs a slow phone over a tenth of a second. */
  startSaid: string;
  /** When its skis come off the snow, ms. */
  endMs: number;
  outings: Outing[];
  latest: Reading | undefined;
  choice: Choice | undefined;
  timers: KeptTimer[];
  /** Made-up data, to look around in. */
  isDemo: boolean;
  /** Who looks at it may change nothing. */
  looksOnly: boolean;
}

/** Loads the frame of an outing; undefined when there is none of this id. */
export async function loadFrame(
  db: FrostDatabase,
  outingId: string,
): Promise<FrameData | undefined> {
  const outing = await findOuting(db, outingId);
  if (!outing) return undefined;
  const [outings, readings, choices, timers] = await Promise.all([
    listOutings(db),
    listReadings(db, outingId, 1),
    listChoices(db, outingId, 1),
    listTimers(db),
  ]);
  return {
    outing,
    startSaid: dayAndTime(outing.startAt, outing.venue.timeZone),
    endMs: Date.parse(outing.startAt) + (outing.hoursOnSnow ?? estimatedHours(outing)) * HOUR_MS,
    outings,
    latest: readings[0],
    choice: choices[0],
    timers,
    isDemo: isDemo(),
    looksOnly: looksOnly(),
  };
}

/** The snow at the start, which may have to be computed first. */
export async function loadAtStart(
  db: FrostDatabase,
  { outing, latest }: Pick<FrameData, 'outing' | 'latest'>,
): Promise<Omit<DaySnow, 'cases'> | undefined> {
  const course = await loadCourse(db, outing);
  const ground = await modelledCases(db, { course, outing, reading: latest });
  const day = daySnow(outing, ground?.cases, latest);
  return day && { basis: day.basis, snow: day.snow };
}
