'use server';

import type { KeptEvent } from '@/data/ski-events';
import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { deed } from '@/server/deed';
import { clearMark, markBase } from './use-cases/base-marks';
import { putBackOnRack, saveSki, takeOffRack, type SavedSki } from './use-cases/save-ski';
import { takeEventBack, writeEvent } from './use-cases/ski-life';

/** Puts a pair on the rack, or changes one that stands on `base`. */
export async function saveSkiAction(
  key: string,
  input: unknown,
  base?: unknown,
): Promise<WireResult<SavedSki>> {
  return deed(key, 'ski.save', (db, { id }) => saveSki(db, input, base, id));
}

/** Takes a pair off the rack; its past stays. */
export async function removeSkiAction(key: string, skiId: string): Promise<WireResult<null>> {
  return deed(key, 'ski.remove', async (db, { at }) => {
    const id = checkedId(skiId);
    return id.ok ? takeOffRack(db, id.value, at) : id;
  });
}

/** Puts a pair back on the rack. */
export async function restoreSkiAction(key: string, skiId: string): Promise<WireResult<null>> {
  return deed(key, 'ski.restore', async (db) => {
    const id = checkedId(skiId);
    return id.ok ? putBackOnRack(db, id.value) : id;
  });
}

/** Marks what was seen on a base. */
export async function markAction(key: string, input: unknown): Promise<WireResult<{ id: string }>> {
  return deed(key, 'ski.mark', (db, stamp) => markBase(db, input, stamp));
}

/** Clears a mark, or puts it back. */
export async function clearMarkAction(
  key: string,
  markId: string,
  isBack = false,
): Promise<WireResult<null>> {
  return deed(key, 'ski.clear', async (db, { at }) => {
    const id = checkedId(markId);
    return id.ok ? clearMark(db, id.value, isBack === true, at) : id;
  });
}

/** Writes an event into the life of a ski. */
export async function addEventAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return deed(key, 'ski.event', (db, stamp) => writeEvent(db, input, stamp));
}

/** Takes an event back; gives it, so that this can be undone. */
export async function removeEventAction(
  key: string,
  eventId: string,
): Promise<WireResult<KeptEvent>> {
  return deed(key, 'ski.event.remove', async (db) => {
    const id = checkedId(eventId);
    return id.ok ? takeEventBack(db, id.value) : id;
  });
}
