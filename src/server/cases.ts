import {
  courseCases,
  placeStarts,
  planCourse,
  type CourseGround,
  type CourseOuting,
  type CourseSnow,
  type SnowCases,
} from '../core/choice';
import { curvesOf, startSnow, type NoOutlook } from '../core/snow/outlook';
import type { SnowConditions } from '../core/wax';
import type { FrostDatabase } from '../data/database';
import { keptOutlook } from './outlooks';

/** The cases a choice stands on, and where they come from. */
export interface ChoiceGround {
  cases: SnowCases;
  /** Of the snow model; absent for cases of a reading. */
  outlookVersion?: string;
}

type SeenReading = Partial<SnowConditions> & { spot?: string };

/** All places over the start window; undefined where the weather does not reach the start. */
export async function modelledCases(
  db: FrostDatabase,
  { course, outing, reading }: SnowQuestion,
): Promise<ChoiceGround | undefined> {
  const plan = planCourse(course, outing);
  if (!plan.ok || plan.timesMs.length === 0) return undefined;
  const outlooks = await Promise.all(plan.inputs.map((input) => keptOutlook(db, input)));
  const cases = courseCases(plan, outlooks, reading);
  return cases && { cases, outlookVersion: outlooks[0]!.modelVersion };
}

/** Has the outlooks of a course computed and kept; nothing is made of them yet. */
export async function keepOutlooks(
  db: FrostDatabase,
  { course, outing }: Pick<SnowQuestion, 'course' | 'outing'>,
): Promise<void> {
  const plan = planCourse(course, outing);
  if (!plan.ok) return;
  const first = { ...plan.inputs[0]!, readings: [] };
  await Promise.all([first, ...plan.inputs].map((input) => keptOutlook(db, input)));
}

/** Which snow is asked for: of a course, for an outing, with what the last reading saw. */
export interface SnowQuestion {
  course: CourseGround;
  outing: CourseOuting;
  reading: SeenReading | undefined;
}

/** The whole of it, for the Snow screen; or why there can be no outlook. */
export async function courseSnow(
  db: FrostDatabase,
  { course, outing, reading }: SnowQuestion,
): Promise<{ ok: true; snow: CourseSnow } | { ok: false; reason: NoOutlook }> {
  const plan = planCourse(course, outing);
  if (!plan.ok) return plan;
  const first = plan.plans[0]!;
  const [before, ...outlooks] = await Promise.all(
    [{ ...plan.inputs[0]!, readings: [] }, ...plan.inputs].map((input) => keptOutlook(db, input)),
  );
  return {
    ok: true,
    snow: {
      places: placeStarts(plan, outlooks),
      curves: curvesOf(outlooks[0]!),
      effectiveMembers: outlooks[0]!.effectiveMembers,
      surpriseK: outlooks[0]!.surpriseK,
      before: {
        start: startSnow(before!, first.weather, plan.startMs),
        effectiveMembers: before!.effectiveMembers,
      },
      weather: first.weather,
      bridged: first.bridged,
      readings: first.input.readings?.length ?? 0,
      cases: courseCases(plan, outlooks, reading),
    },
  };
}
