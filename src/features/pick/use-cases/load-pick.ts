import { packed } from '@/core/choice';
import type { Outing } from '@/core/model';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { loadTeamSettings } from '@/data/team-settings';
import { modelledCases } from '@/server/cases';
import { ownOf } from '@/server/learning';
import { firstChoice } from './first-choice';
import { seenBase } from './seen-base';

/** What the Pick screen chooses from: the snow as it was measured and modelled, the shelf, what the team learned. */
export async function loadPick(db: FrostDatabase, outing: Outing) {
  const [[reading], shelf, course, team, seen] = await Promise.all([
    listReadings(db, outing.id, 1),
    listProducts(db),
    loadCourse(db, outing),
    loadTeamSettings(db),
    seenBase(db, outing.discipline),
  ]);
  const ground = await modelledCases(db, { course, outing, reading });
  const own = await ownOf(db, outing);
  const modelled = ground?.cases;
  const first = await firstChoice({ own, outing, modelled, reading, shelf, seen });
  return { outing, reading, modelled: modelled && packed(modelled), first, shelf, team, seen, own };
}
