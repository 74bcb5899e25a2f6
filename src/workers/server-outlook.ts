import { createHash } from 'node:crypto';
import {
  outlookRun,
  planOutlook,
  startSnow,
  type Outlook,
  type OutlookInput,
  type StartSnow,
} from '../core/snow/outlook';

/** Member-steps between two pauses, so that other requests are served in between. */
const MEMBER_STEPS_A_SLICE = 20_000;
const DEFAULT_MEMBERS = 400;
const MOST_KEPT = 50;

const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));
const kept = new Map<string, Promise<Outlook>>();

/** An outlook on the server, computed in slices so that the server stays responsive. */
export async function slicedOutlook(input: OutlookInput): Promise<Outlook> {
  const run = outlookRun(input);
  const slice = Math.max(1, Math.floor(MEMBER_STEPS_A_SLICE / (input.members ?? DEFAULT_MEMBERS)));
  while (!run.advance(slice)) await nextTurn();
  return run.result();
}

/** The same, kept for the next who asks with the same input; the oldest is forgotten first. */
export function keptOutlook(input: OutlookInput): Promise<Outlook> {
  const key = createHash('sha256').update(JSON.stringify(input)).digest('base64');
  const found = kept.get(key);
  if (found) return found;
  const made = slicedOutlook(input);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  return made;
}

/** The snow at the start of a course's first place; undefined where the weather does not allow it. */
export async function keptStart(
  course: Parameters<typeof planOutlook>[0],
  position: { latitude: number; longitude: number },
  startAt: string,
): Promise<StartSnow | undefined> {
  const startMs = Date.parse(startAt);
  const plan = planOutlook(course, course.places[0]!, position, startMs);
  if (!plan.ok || plan.endsBeforeStart) return undefined;
  return startSnow(await keptOutlook(plan.input), plan.weather, startMs);
}
