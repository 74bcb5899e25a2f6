import type { FrostDatabase } from '@/data/database';
import { hubLink, linkHub, unlinkHub, type HubLink } from '@/data/hub-link';
import { hubSchema } from '@/formats/schemas/hub';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

/** A link to a hub as the screen shows it: without the token. */
export type ShownHub = Pick<HubLink, 'url' | 'agreedAt' | 'problem'>;

export async function shownHub(db: FrostDatabase): Promise<ShownHub | undefined> {
  const link = await hubLink(db);
  return link && { url: link.url, agreedAt: link.agreedAt, problem: link.problem };
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
