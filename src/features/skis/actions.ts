'use server';

import type { KeptEvent } from '@/core/model';
import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { clearMark, markBase } from './use-cases/base-marks';
import { putBackOnRack, saveSki, takeOffRack, type SavedSki } from './use-cases/save-ski';
import { takeEventBack, writeEvent } from './use-cases/ski-life';

/** Puts a pair on the rack, or changes one that stands on `base`. */
export async function saveSkiAction(
  key: string,
  input: unknown,
  base?: unknown,
): Promise<WireResult<SavedSki>> {
  return performWrite(key, 'ski.save', (db, { id }) => saveSki(db, { input, base, newId: id }));
}

/** Takes a pair off the rack; its past stays. */
export async function removeSkiAction(key: string, skiId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'ski.remove',
    target: skiId,
    work: (db, id, { at }) => takeOffRack(db, id, at),
  });
}

/** Puts a pair back on the rack. */
export async function restoreSkiAction(key: string, skiId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'ski.restore',
    target: skiId,
    work: (db, id) => putBackOnRack(db, id),
  });
}

/** Marks what was seen on a base. */
export async function markAction(key: string, input: unknown): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'ski.mark', (db, stamp) => markBase(db, input, stamp));
}

/** Clears a mark, or puts it back. */
export async function clearMarkAction(
  key: string,
  markId: string,
  isBack = false,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'ski.clear',
    target: markId,
    work: (db, id, { at }) => clearMark(db, { id, isBack: isBack === true, at }),
  });
}

/** Writes an event into the life of a ski. */
export async function addEventAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'ski.event', (db, stamp) => writeEvent(db, input, stamp));
}

/** Takes an event back; gives it, so that this can be undone. */
export async function removeEventAction(
  key: string,
  eventId: string,
): Promise<WireResult<KeptEvent>> {
  return performWriteOn(key, {
    name: 'ski.event.remove',
    target: eventId,
    work: (db, id) => takeEventBack(db, id),
  });
}
