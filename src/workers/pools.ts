import type { ChoiceQuestion, RobustChoice } from '../core/choice';
import type { Outlook, OutlookInput } from '../core/snow/outlook';
import type { TrackFile } from '../formats/gpx/course';
import type { GrainSizes } from '../core/grain-card';
import type { GrainQuestion } from './grain.worker';
import type { IronRow } from './iron.worker';
import type { PlanAnswer, PlanQuestion } from './plan.worker';
import type { TrackRequest } from './track.worker';
import { WorkerPool } from './worker-pool';

const CORES = 2;

let outlooks: WorkerPool<OutlookInput, Outlook> | undefined;

/** Outlooks: one pool for the page. */
export const outlookPool = (): WorkerPool<OutlookInput, Outlook> =>
  (outlooks ??= new WorkerPool(
    () =>
      new Worker(new URL('./outlook.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: CORES },
  ));

let ironRows: WorkerPool<IronRow, number[]> | undefined;

/** Rows of the map of an iron: one pool for the page. */
export const ironRowPool = (): WorkerPool<IronRow, number[]> =>
  (ironRows ??= new WorkerPool(
    () =>
      new Worker(new URL('./iron.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: CORES },
  ));

/** Choices: a pool for each screen that asks, closed with it. */
export const choicePool = (): WorkerPool<ChoiceQuestion, RobustChoice> =>
  new WorkerPool(
    () =>
      new Worker(new URL('./choice.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: 1 },
  );

/** Plans: a pool for each screen that asks, closed with it. */
export const planPool = (): WorkerPool<PlanQuestion, PlanAnswer> =>
  new WorkerPool(
    () =>
      new Worker(new URL('./plan.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: 1 },
  );

/** Tracks: a pool for each file, closed after it. */
export const trackPool = (): WorkerPool<TrackRequest, TrackFile> =>
  new WorkerPool(
    () =>
      new Worker(new URL('./track.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: 1 },
  );

/** Grains on photos: a pool for each photo, closed with it. */
export const grainPool = (): WorkerPool<GrainQuestion, GrainSizes> =>
  new WorkerPool(
    () =>
      new Worker(new URL('./grain.worker.ts', import.meta.url), {
        type: 'module',
      }),
    { workers: 1 },
  );
