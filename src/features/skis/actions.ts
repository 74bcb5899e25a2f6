'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import {
  addFinding,
  addSkiEvent,
  clearFindings,
  removeSkiEvent,
  restoreFinding,
  type KeptEvent,
} from '@/data/ski-events';
import { findSki, listSkis, removeSki, saveSkis } from '@/data/skis';
import { findingSchema, skiEventSchema, SKI_DEFAULTS, skiSchema } from '@/formats/schemas/ski';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import type { Ski } from '@/core/ski';

const refresh = () => revalidatePath('/outing', 'layout');
const now = () => new Date().toISOString();
const asFields = (input: unknown) =>
  (typeof input === 'object' && input !== null ? input : {}) as Record<string, unknown>;

/** Puts a ski on the rack, back on it, or changes the one of the same id. */
export async function saveSkiAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const checked = validate(skiSchema, { id: randomUUID(), ...SKI_DEFAULTS, ...asFields(input) });
  if (!checked.ok) return invalidInput(checked.problems);
  const ski: Ski = checked.value;
  const db = database();
  const isTaken = (await listSkis(db)).some(
    (one) => one.id !== ski.id && one.name.toLowerCase() === ski.name.toLowerCase(),
  );
  if (isTaken) {
    const message = `“${ski.name}” is on the rack already: give this one another name.`;
    return invalidInput([{ field: 'name', message }]);
  }
  await saveSkis(db, [ski]);
  refresh();
  return { ok: true, value: { id: ski.id } };
}

/** Takes a ski off the rack; its past stays. */
export async function removeSkiAction(id: string): Promise<WireResult<null>> {
  const isGone = await removeSki(database(), String(id), now());
  refresh();
  return isGone ? { ok: true, value: null } : failed('not_found', 'That ski is off the rack.');
}

/** Marks what was seen on a base. */
export async function markAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const checked = validate(findingSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const db = database();
  const ski = await findSki(db, checked.value.skiId);
  if (!ski) return failed('not_found', 'This ski is gone: choose another.');
  if (checked.value.positionCm > ski.lengthCm) {
    const message = `The ski is ${ski.lengthCm} cm long: the place lies beyond its tail.`;
    return invalidInput([{ field: 'positionCm', message }]);
  }
  const id = randomUUID();
  await addFinding(db, { ...checked.value, id, foundAt: now() });
  refresh();
  return { ok: true, value: { id } };
}

/** Clears a mark, or puts it back. */
export async function clearMarkAction(id: string, isBack = false): Promise<WireResult<null>> {
  const db = database();
  if (isBack) await restoreFinding(db, String(id));
  else await clearFindings(db, { id: String(id) }, now());
  refresh();
  return { ok: true, value: null };
}

/** Writes an event into the life of a ski. */
export async function addEventAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const checked = validate(skiEventSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { at, ...event } = checked.value;
  const db = database();
  if (!(await findSki(db, event.skiId))) return failed('not_found', 'This ski is gone.');
  const id = randomUUID();
  await addSkiEvent(db, { ...event, id, atMs: at ? Date.parse(at) : Date.now() });
  refresh();
  return { ok: true, value: { id } };
}

/** Takes an event back; gives it, so that this can be undone. */
export async function removeEventAction(id: string): Promise<WireResult<KeptEvent>> {
  const removed = await removeSkiEvent(database(), String(id));
  refresh();
  return removed
    ? { ok: true, value: removed }
    : failed('not_found', 'That event was taken back already.');
}
