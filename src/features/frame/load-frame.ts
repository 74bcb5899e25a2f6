import { listChoices, type Choice } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { findOuting, listOutings, type Outing } from '@/data/outings';
import { listReadings, type Reading } from '@/data/readings';

/** What the Snow line and the Day rail show. */
export interface FrameData {
  outing: Outing;
  outings: Outing[];
  latest: Reading | undefined;
  choice: Choice | undefined;
}

/** Loads the frame of an outing; undefined when there is none of this id. */
export async function loadFrame(
  db: FrostDatabase,
  outingId: string,
): Promise<FrameData | undefined> {
  const outing = await findOuting(db, outingId);
  if (!outing) return undefined;
  const [outings, readings, choices] = await Promise.all([
    listOutings(db),
    listReadings(db, outingId, 1),
    listChoices(db, outingId, 1),
  ]);
  return { outing, outings, latest: readings[0], choice: choices[0] };
}
