'use client';

import type { CourseData, Outing } from '@/core/model';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  planOutlook,
  startSnow,
  type NoOutlook,
  type Outlook,
  type OutlookPlan,
  type StartSnow,
} from '@/core/snow/outlook';
import { failureOf, type FailureReason } from '@/workers/failure';
import { outlookPool } from '@/workers/pools';
import { Cancelled, type PoolJob } from '@/workers/worker-pool';

/** The outlook of one place of the course. */
export interface PlaceOutlook {
  place: CourseData['places'][number];
  outlook: Outlook;
  start: StartSnow | undefined;
}

export type OutlookState =
  | { kind: 'none'; reason: NoOutlook }
  | { kind: 'running'; share: number }
  | { kind: 'cancelled' }
  | { kind: 'failed'; reason: FailureReason }
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
    const withReadings = course.places.map((place) =>
      planOutlook(course, { place, position: venue, startMs }),
    );
    const without = planOutlook(
      { ...course, readings: [] },
      { place: course.places[0]!, position: venue, startMs },
    );
    return [without, ...withReadings];
  }, [course, venue, startMs]);
  const refused = plans.find((plan) => !plan.ok);
  const key = useMemo(
    () => `${again}:${JSON.stringify(course)}:${startMs}`,
    [again, course, startMs],
  );
  const running = useRef<PoolJob<Outlook>>(undefined);

  useEffect(() => {
    const good = plans.filter((plan): plan is GoodPlan => plan.ok);
    if (good.length !== plans.length) return undefined;
    let isGone = false;
    const tell = (state: OutlookState) => {
      if (!isGone) setFound({ key, state });
    };
    const startedMs = performance.now();
    const job = outlookPool().run(
      good.map((plan) => plan.input),
      { onProgress: (share) => tell({ kind: 'running', share }) },
    );
    running.current = job;
    job.result.then(
      (outlooks) => {
        // Seen in the browser's performance tools, and by npm run bench.
        performance.measure('outlooks', { start: startedMs });
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
            : { kind: 'failed', reason: failureOf(error) },
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
