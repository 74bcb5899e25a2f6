import type { Skier, Starter } from '@/core/model';
import { TYPES_FOR } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listSkis } from '@/data/skis';
import {
  findStarter,
  listSkiers,
  listStarters,
  removeStarter,
  saveSkier,
  saveStarter,
} from '@/data/starters';
import { checkedId } from '@/formats/schemas/ids';
import { newStarterSchema, skierSchema, starterSchema } from '@/formats/schemas/starter';
import { asFields, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { pairsScreenWords } from '@/words/screens/pairs';

const WORDS = pairsScreenWords.changeStarters;

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

interface NewIds {
  newId: () => string;
}

/** Puts somebody on an outing: one who is known, or a new skier, by name. */
export async function addStarter(
  db: FrostDatabase,
  input: unknown,
  { newId }: NewIds,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(newStarterSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, skierId, skier } = checked.value;
  if (!(await findOuting(db, outingId))) return failed('not_found', WORDS.outingGone);
  const known = (await listSkiers(db)).find(({ id, name }) =>
    skierId ? id === skierId : skier !== undefined && sameName(name, skier.name),
  );
  if (!known && !skier) return failed('not_found', WORDS.skierGone);
  const skierToAdd: Skier = known ?? { id: newId(), ...skier };
  const there = (await listStarters(db, outingId)).find(
    (starter) => starter.skierId === skierToAdd.id,
  );
  if (there) {
    return invalidInput([{ field: 'skier.name', message: WORDS.isOnTheList(skierToAdd.name) }]);
  }
  // Who is known by name and comes with a weight has it from now on.
  await saveSkier(db, { ...skierToAdd, ...(skier?.weightKg ? { weightKg: skier.weightKg } : {}) });
  const id = newId();
  await saveStarter(db, { id, outingId, skierId: skierToAdd.id });
  return { ok: true, value: { id } };
}

/** Puts everybody on an outing who owns a pair for it. */
export async function addOwners(
  db: FrostDatabase,
  outingId: string,
  { newId }: NewIds,
): Promise<WireResult<{ added: string[] }>> {
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', WORDS.outingGone);
  const [skis, skiers, starters] = await Promise.all([
    listSkis(db),
    listSkiers(db),
    listStarters(db, outingId),
  ]);
  const owners = skis
    .filter(({ type, owner }) => owner !== '' && TYPES_FOR[outing.discipline].includes(type))
    .map(({ owner }) => owner.trim());
  const added: string[] = [];
  for (const name of new Set(owners)) {
    const known = skiers.find((skier) => sameName(skier.name, name));
    if (starters.some((starter) => starter.skierId === known?.id)) continue;
    const skier = known ?? { id: newId(), name };
    if (!known) await saveSkier(db, skier);
    const id = newId();
    await saveStarter(db, { id, outingId, skierId: skier.id });
    added.push(id);
  }
  return { ok: true, value: { added } };
}

/** Changes what a starter stands on and how much it matters; gives what stood before, so that it can be undone. */
export async function changeStarter(
  db: FrostDatabase,
  id: string,
  change: unknown,
): Promise<WireResult<{ before: Starter }>> {
  const before = await findStarter(db, id);
  if (!before) return failed('not_found', WORDS.starterGone);
  const { skiId, why, likesSkiId, priority } = asFields(change) as Partial<Starter>;
  const given = { ...before, skiId, why, likesSkiId, priority };
  const checked = validate(starterSchema, given);
  if (!checked.ok) return invalidInput(checked.problems);
  const skis = await listSkis(db);
  const unknown = [skiId, likesSkiId].some(
    (wanted) => wanted !== undefined && !skis.some((ski) => ski.id === wanted),
  );
  if (unknown) return failed('not_found', WORDS.pairGone);
  await saveStarter(db, { ...checked.value, id });
  return { ok: true, value: { before } };
}

/** Changes name or weight of a skier; the same on every outing. */
export async function changeSkier(
  db: FrostDatabase,
  id: string,
  change: unknown,
): Promise<WireResult<null>> {
  const skier = (await listSkiers(db)).find((known) => known.id === id);
  if (!skier) return failed('not_found', WORDS.skierGone);
  const checked = validate(skierSchema, { ...skier, ...asFields(change) });
  if (!checked.ok) return invalidInput(checked.problems);
  await saveSkier(db, { ...checked.value, id });
  return { ok: true, value: null };
}

/** Takes starters off an outing; gives them, so that this can be undone. */
export async function takeOff(
  db: FrostDatabase,
  ids: unknown,
): Promise<WireResult<{ removed: Starter[] }>> {
  const removed: Starter[] = [];
  for (const given of Array.isArray(ids) ? ids : []) {
    const id = checkedId(given);
    if (!id.ok) return id;
    const starter = await findStarter(db, id.value);
    if (starter && (await removeStarter(db, id.value))) removed.push(starter);
  }
  return removed.length > 0
    ? { ok: true, value: { removed } }
    : failed('not_found', WORDS.starterGone);
}

/** Puts starters back as they were. */
export async function putBack(db: FrostDatabase, starters: unknown): Promise<WireResult<null>> {
  for (const starter of Array.isArray(starters) ? starters : []) {
    const checked = validate(starterSchema, starter);
    if (!checked.ok) return invalidInput(checked.problems);
    const { id } = asFields(starter) as { id?: unknown };
    if (typeof id !== 'string') return failed('not_found', WORDS.starterGone);
    await saveStarter(db, { ...checked.value, id });
  }
  return { ok: true, value: null };
}
