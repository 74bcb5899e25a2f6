'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import {
  planOutlook,
  startSnow,
  type Outlook,
  type OutlookPlan,
  type StartSnow,
} from '@/core/snow/outlook';
import type { CourseData } from '@/data/course';
import type { Outing } from '@/data/outings';
import { Cancelled, outlookPool, type PoolJob } from '@/workers/outlook-pool';

/** The outlook of one place of the course. */
export interface PlaceOutlook {
  place: CourseData['places'][number];
  outlook: Outlook;
  start: StartSnow | undefined;
}

export type OutlookState =
  | { kind: 'none'; reason: string }
  | { kind: 'running'; share: number }
  | { kind: 'cancelled' }
  | { kind: 'failed'; message: string }
  | { kind: 'done'; before: PlaceOutlook; places: PlaceOutlook[] };

export type GoodPlan = Extract<OutlookPlan, { ok: true }>;

interface Found {
  key: string;
  state: OutlookState;
}

/**
 * The outlook of every place of the course with all readings, and of the first without any, computed by
 * the page's workers whenever the course, its weather or its readings change.
 */
export function useOutlooks(course: CourseData, outing: Outing) {
  const startMs = Date.parse(outing.startAt);
  const { venue } = outing;
  const [again, setAgain] = useState(0);
  const [found, setFound] = useState<Found>();
  const plans = useMemo(() => {
    const withReadings = course.places.map((place) => planOutlook(course, place, venue, startMs));
    const without = planOutlook({ ...course, readings: [] }, course.places[0]!, venue, startMs);
    return [without, ...withReadings];
  }, [course, venue, startMs]);
  const refused = plans.find((plan) => !plan.ok);
  const key = useMemo(
    () => `${again}:${JSON.stringify(course)}:${startMs}`,
    [again, course, startMs],
  );
  const running = useRef<PoolJob>(undefined);

  useEffect(() => {
    const good = plans.filter((plan): plan is GoodPlan => plan.ok);
    if (good.length !== plans.length) return undefined;
    let isGone = false;
    const tell = (state: OutlookState) => {
      if (!isGone) setFound({ key, state });
    };
    const job = outlookPool().run(
      good.map((plan) => plan.input),
      (share) => tell({ kind: 'running', share }),
    );
    running.current = job;
    job.result.then(
      (outlooks) => {
        const all = outlooks.map((outlook, i) => ({
          place: course.places[Math.max(0, i - 1)]!,
          outlook,
          start: startSnow(outlook, good[i]!.weather, startMs),
        }));
        tell({ kind: 'done', before: all[0]!, places: all.slice(1) });
      },
      (error: Error) =>
        tell(
          error instanceof Cancelled
            ? { kind: 'cancelled' }
            : { kind: 'failed', message: error.message },
        ),
    );
    return () => {
      isGone = true;
      job.cancel();
    };
  }, [plans, key, course, startMs]);

  const state: OutlookState =
    refused && !refused.ok
      ? { kind: 'none', reason: refused.reason }
      : found?.key === key
        ? found.state
        : { kind: 'running', share: 0 };
  const plan = plans[1];
  return {
    state,
    plan: plan?.ok ? plan : undefined,
    cancel: () => running.current?.cancel(),
    restart: () => setAgain(again + 1),
  };
}
