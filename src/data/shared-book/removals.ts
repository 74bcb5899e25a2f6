import type { FrostDatabase } from '../database';
import { absorbTouched } from './absorb';
import { forgetHeld, heldBack, type Held } from './held';
import { writeAgain, type TakeGround } from './take-in';

const heldRemovals = async (db: FrostDatabase, of: string): Promise<Held[]> =>
  (await heldBack(db)).filter(({ reason, cabin }) => reason === 'removal' && cabin === of);

/** Removes what a cabin removed beyond what goes here without asking. Belongs into one transaction. */
export async function agreeToRemovals(
  db: FrostDatabase,
  cabin: string,
  ground: TakeGround,
): Promise<void> {
  await absorbTouched(db, ground.session);
  await writeAgain(db, await heldRemovals(db, cabin), { ...ground, isAgreed: true });
}

/** Keeps it instead: the others get it back the next time they exchange. */
export async function refuseRemovals(db: FrostDatabase, cabin: string): Promise<void> {
  for (const { kind, ref, document } of await heldRemovals(db, cabin)) {
    await db
      .insertInto('shared_touched')
      .values({ kind, ref, document })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
    await forgetHeld(db, kind, ref);
  }
}
