import type { FrostDatabase } from '@/data/database';
import { forgetDecided, hubDecisions, type HubDecision } from '@/data/hub-decided';
import { hubLink, linkHub, unlinkHub, type HubLink } from '@/data/hub-link';
import { hubSchema } from '@/formats/schemas/hub';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

export type { HubDecision };

/** A link to a hub as the screen shows it: without the token. */
export interface ShownHub extends Pick<HubLink, 'url' | 'agreedAt' | 'problem'> {
  /** What two cabins changed at once, and nobody has looked at yet. */
  decisions: readonly HubDecision[];
}

export async function shownHub(db: FrostDatabase): Promise<ShownHub | undefined> {
  const link = await hubLink(db);
  if (!link) return undefined;
  const { url, agreedAt, problem } = link;
  return { url, agreedAt, problem, decisions: await hubDecisions(db) };
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
