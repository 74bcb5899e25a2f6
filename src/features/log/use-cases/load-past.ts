import type { Choice, Outcome, Outing, Reading } from '@/core/model';
import { daysLike, PAST, type ComparedDay, type Likeness } from '@/core/past';
import { ledger } from '@/core/wax';
import { choicesNear, listChoices, type NearChoice } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listReadings } from '@/data/readings';
import { ownOf } from '@/server/learning';

/** A past day like the one of an outing: how alike, what was taken, and how that turned out. */
export interface PastDay {
  id: string;
  outingName: string;
  startAt: string;
  timeZone: string;
  wax: string;
  day: ComparedDay;
  likeness: Likeness;
  outcome: Outcome | undefined;
}

const MOST_LOOKED_AT = 200;
const MOST_SHOWN = 5;

/** What the snow of an outing asks for: by its choice, else by its last reading. */
async function dayOf(
  db: FrostDatabase,
  outing: Outing,
  { choice, reading }: { choice: Choice | undefined; reading: Reading | undefined },
): Promise<ComparedDay | undefined> {
  if (choice) return { equivalentC: choice.equivalentTemperatureC, snow: choice.inputs.snow };
  if (!reading) return undefined;
  const { equivalentTemperatureC } = ledger(reading, outing, await ownOf(db, outing));
  return { equivalentC: equivalentTemperatureC, snow: reading };
}

/** Past days like that of an outing, one for each other outing, the nearest first; undefined without its snow. */
export async function loadPast(
  db: FrostDatabase,
  outing: Outing,
  { outings, said }: { outings: readonly Outing[]; said: Readonly<Record<string, Outcome>> },
): Promise<PastDay[] | undefined> {
  const [[choice], [reading]] = await Promise.all([
    listChoices(db, outing.id, 1),
    listReadings(db, outing.id, 1),
  ]);
  const day = await dayOf(db, outing, { choice, reading });
  if (!day) return undefined;
  const near = await choicesNear(db, {
    equivalentC: day.equivalentC,
    withinC: PAST.near * PAST.equivalentK,
    most: MOST_LOOKED_AT,
  });
  const byId = new Map(outings.map((one) => [one.id, one]));
  const latest = new Map<string, NearChoice>();
  for (const one of near) {
    const before = latest.get(one.outingId);
    if (one.outingId !== outing.id && (!before || one.createdAt > before.createdAt)) {
      latest.set(one.outingId, one);
    }
  }
  const past = [...latest.values()].flatMap((one) => {
    const where = byId.get(one.outingId);
    const { equivalentTemperatureC: equivalentC, snow } = one;
    return where ? [{ equivalentC, snow, choice: one, where }] : [];
  });
  return daysLike(day, past)
    .slice(0, MOST_SHOWN)
    .map(({ day: { choice: one, where, ...compared }, likeness }) => ({
      id: one.id,
      outingName: where.name,
      startAt: where.startAt,
      timeZone: where.venue.timeZone,
      wax: one.productName,
      day: compared,
      likeness,
      outcome: said[one.id],
    }));
}
