import type { Outing } from '@/core/model';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listOutings } from '@/data/outings';
import { LOG_SHOWS, type LogView } from '../log-view';
import { loadOutcomes } from './load-outcomes';
import { loadPast } from './load-past';
import { loadTimeline } from './load-timeline';

/** How many entries a page of the log has. */
export const A_PAGE = 20;

/** All that the Log screen of an outing shows. */
export async function loadLog(
  db: FrostDatabase,
  outing: Outing,
  { view, nowMs }: { view: LogView; nowMs: number },
) {
  const outings = await listOutings(db);
  const outcomes = await loadOutcomes(db, outings, nowMs);
  const [[choice], past, timeline] = await Promise.all([
    listChoices(db, outing.id, 1),
    loadPast(db, outing, { outings, said: outcomes.said }),
    loadTimeline(
      db,
      {
        words: view.words,
        kinds: LOG_SHOWS[view.show],
        outingId: view.isHere ? outing.id : undefined,
        page: view.page,
        most: A_PAGE,
      },
      outcomes.said,
    ),
  ]);
  const standing = choice && {
    id: choice.id,
    productName: choice.productName,
    createdAt: choice.createdAt,
  };
  return { outing, outings, view, timeline, aPage: A_PAGE, choice: standing, outcomes, past };
}
