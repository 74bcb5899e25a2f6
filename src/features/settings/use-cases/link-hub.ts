import type { FrostDatabase } from '@/data/database';
import { forgetDecided, hubDecisions, type HubDecision } from '@/data/hub-decided';
import { hubLink, linkHub, unlinkHub, type HubLink } from '@/data/hub-link';
import { refuseRemovals } from '@/data/shared-book/removals';
import { heldBack, type Held } from '@/data/shared-book/held';
import { hubSchema, removalsSchema } from '@/formats/schemas/hub';
import { validate } from '@/formats/schemas/validation';
import { agreeTo } from '@/server/hub/keep-in-step';
import { invalidInput, type WireResult } from '@/formats/wire';

export type { Held, HubDecision };

/** A link to a hub as the screen shows it: without the token. */
export interface ShownHub extends Pick<HubLink, 'url' | 'agreedAt' | 'problem' | 'twinAt'> {
  /** What two cabins changed at once, and nobody has looked at yet. */
  decisions: readonly HubDecision[];
  /** What came and was not taken in. */
  held: readonly Held[];
}

export async function shownHub(db: FrostDatabase): Promise<ShownHub | undefined> {
  const link = await hubLink(db);
  if (!link) return undefined;
  const { url, agreedAt, problem, twinAt } = link;
  const [decisions, held] = [await hubDecisions(db), await heldBack(db)];
  return { url, agreedAt, problem, twinAt, decisions, held };
}

/** Links this cabin to a hub; the exchange begins anew. */
export async function joinHub(db: FrostDatabase, input: unknown): Promise<WireResult<null>> {
  const checked = validate(hubSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  await linkHub(db, checked.value);
  return { ok: true, value: null };
}

/** Leaves the hub; what came from it stays. */
export async function leaveHub(db: FrostDatabase): Promise<WireResult<null>> {
  await unlinkHub(db);
  return { ok: true, value: null };
}

/** A person has looked at what the hub settled between two cabins. */
export async function sawDecision(db: FrostDatabase, id: unknown): Promise<WireResult<null>> {
  await forgetDecided(db, String(id));
  return { ok: true, value: null };
}

/** Removes what another cabin removed beyond what is taken over without asking, or keeps it for all. */
export async function answerRemovals(db: FrostDatabase, input: unknown): Promise<WireResult<null>> {
  const checked = validate(removalsSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { cabin, isAgreed } = checked.value;
  await (isAgreed ? agreeTo(db, cabin) : refuseRemovals(db, cabin));
  return { ok: true, value: null };
}
