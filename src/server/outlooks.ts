import { createHash } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import {
  outlookRun,
  planOutlook,
  startSnow,
  type Outlook,
  type OutlookInput,
  type StartSnow,
} from '../core/snow/outlook';
import { offLoop } from './compute/pool';
import { task } from './compute/task';

/** Member-steps between two pauses: about 15 ms, so that others get on in between. */
const MEMBER_STEPS_A_SLICE = 8_000;
const DEFAULT_MEMBERS = 400;
const MOST_KEPT = 100;

const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));

/** An outlook computed in slices, so that its thread stays responsive. */
export async function slicedOutlook(input: OutlookInput): Promise<Outlook> {
  const run = outlookRun(input);
  const slice = Math.max(1, Math.floor(MEMBER_STEPS_A_SLICE / (input.members ?? DEFAULT_MEMBERS)));
  while (!run.advance(slice)) await nextTurn();
  return run.result();
}

export const outlookTask = task('outlook', 'long', slicedOutlook);

const shared = globalThis as { frostOutlooks?: LRUCache<string, Promise<Outlook>> };
const kept = () => (shared.frostOutlooks ??= new LRUCache({ max: MOST_KEPT }));

/** An outlook of the server, kept for the next who asks with the same input. */
export function keptOutlook(input: OutlookInput): Promise<Outlook> {
  const key = createHash('sha256').update(JSON.stringify(input)).digest('base64');
  const found = kept().get(key);
  if (found) return found;
  const made = offLoop(outlookTask, input);
  kept().set(key, made);
  made.catch(() => kept().delete(key));
  return made;
}

/** The snow at the start of a course's first place; undefined where the weather does not allow it. */
export async function keptStart(
  course: Parameters<typeof planOutlook>[0],
  position: { latitude: number; longitude: number },
  startAt: string,
): Promise<StartSnow | undefined> {
  const startMs = Date.parse(startAt);
  const plan = planOutlook(course, { place: course.places[0]!, position, startMs });
  if (!plan.ok || plan.endsBeforeStart) return undefined;
  return startSnow(await keptOutlook(plan.input), plan.weather, startMs);
}
