import type { BookName } from '../../core/book';
import type { FrostDatabase } from '../database';

/**
 * Why something of another cabin was not taken in.
 * `unreadable`: it is not what the app would have written there. `incomplete`: it names what is not here, or takes a name
 * that is taken. `named`: it was removed there, and others here name it. `removal`: more was removed than goes here
 * without asking. `picture`: its picture has not come yet.
 */
export type HeldReason = 'unreadable' | 'incomplete' | 'named' | 'removal' | 'picture';

/** A record that is held back. */
export interface Held {
  kind: BookName;
  ref: string;
  document: string;
  cabin: string;
  label: string;
  reason: HeldReason;
  /** When it was first held back, ISO 8601 in UTC. */
  at: string;
}

interface Outcome {
  done: readonly { name: BookName; ref: string }[];
  held: readonly {
    name: BookName;
    ref: string;
    by: string;
    document: string;
    reason: HeldReason;
    label: string;
  }[];
  at: string;
}

/** Notes what is held back, and forgets what is not any more. */
export async function holdBack(db: FrostDatabase, { done, held, at }: Outcome): Promise<void> {
  const known = await db.selectFrom('shared_held').select(['kind', 'ref']).execute();
  const has = new Set(known.map(({ kind, ref }) => `${kind} ${ref}`));
  for (const { name, ref } of done) {
    if (has.has(`${name} ${ref}`)) await forgetHeld(db, name, ref);
  }
  for (const { name, ref, by, document, reason, label } of held) {
    await db
      .insertInto('shared_held')
      .values({ kind: name, ref, cabin: by, document, reason, label, at })
      .onConflict((conflict) =>
        conflict.columns(['kind', 'ref']).doUpdateSet({ cabin: by, reason, label }),
      )
      .execute();
  }
}

export async function forgetHeld(db: FrostDatabase, kind: string, ref: string): Promise<void> {
  await db.deleteFrom('shared_held').where('kind', '=', kind).where('ref', '=', ref).execute();
}

/** All that is held back, the newest first. */
export async function heldBack(db: FrostDatabase): Promise<Held[]> {
  const rows = await db
    .selectFrom('shared_held')
    .selectAll()
    .orderBy('at', 'desc')
    .orderBy('kind')
    .orderBy('ref')
    .execute();
  return rows as Held[];
}
