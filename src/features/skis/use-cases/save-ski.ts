import type { Ski } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { findSki, listSkis, removeSki, restoreSki, saveSkis } from '@/data/skis';
import { mergeMeanwhile } from '@/formats/meanwhile';
import { SKI_DEFAULTS, skiSchema } from '@/formats/schemas/ski';
import { asFields, basedOn, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.saveSki;

/** A pair as saved, with what others had changed meanwhile and was taken over. */
export interface SavedSki {
  id: string;
  version: number;
  taken: string[];
}

const removed = () => failed('conflict', WORDS.thisPairWasTakenOff);

async function nameTaken(db: FrostDatabase, ski: Ski): Promise<WireResult<never> | undefined> {
  const name = ski.name.toLowerCase();
  const isTaken = (await listSkis(db)).some(
    (other) => other.id !== ski.id && other.name.toLowerCase() === name,
  );
  if (!isTaken) return undefined;
  const message = WORDS.nameTaken(ski.name);
  return invalidInput([{ field: 'name', message }]);
}

/**
 * Puts a pair on the rack, or changes one. `base` is the pair as the form was filled with it: where it changed
 * since, the two changes are merged field by field.
 */
export async function saveSki(
  db: FrostDatabase,
  { input, base, newId }: { input: unknown; base: unknown; newId: string },
): Promise<WireResult<SavedSki>> {
  const checked = validate(skiSchema, { id: newId, ...SKI_DEFAULTS, ...asFields(input) });
  if (!checked.ok) return invalidInput(checked.problems);
  let ski: Ski = checked.value;
  let taken: string[] = [];
  const stored = await findSki(db, ski.id);
  if (stored) {
    if (stored.isRemoved) return removed();
    const { version, isRemoved: _isRemoved, ...values } = stored;
    const merged = mergeMeanwhile(basedOn(base, ski), { ...ski }, { version, values });
    if (!merged.ok) return merged;
    ski = { ...merged.value.values, id: ski.id };
    taken = merged.value.taken;
  }
  const problem = await nameTaken(db, ski);
  if (problem) return problem;
  await saveSkis(db, [ski]);
  return { ok: true, value: { id: ski.id, version: (stored?.version ?? 0) + 1, taken } };
}

/** Takes a pair off the rack; its past stays. */
export async function takeOffRack(
  db: FrostDatabase,
  id: string,
  at: string,
): Promise<WireResult<null>> {
  return (await removeSki(db, id, at))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.thatPairIsOffThe);
}

/** Puts a pair back that was taken off, unless its name is another's by now. */
export async function putBackOnRack(db: FrostDatabase, id: string): Promise<WireResult<null>> {
  const stored = await findSki(db, id);
  const problem = stored && (await nameTaken(db, stored));
  if (problem) return problem;
  return (await restoreSki(db, id))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.onRackAlready);
}
