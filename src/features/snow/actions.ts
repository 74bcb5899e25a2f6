'use server';

import type { PackedCases } from '@/core/choice';
import type { TrackEvent } from '@/core/model';
import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { modelledWindow } from '@/server/modelled-window';
import { saveReading } from './use-cases/save-reading';
import { takeTrackEventBack, writeTrackEvent } from './use-cases/track-work';
import { restoreReading, withdrawImport, withdrawReading } from './use-cases/withdraw-reading';

/** Saves a reading, or a correction of one. */
export async function saveReadingAction(
  key: string,
  target: { outingId: string; correctsId?: string },
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'reading.save', async (db, stamp) => {
    const saved = await saveReading(db, { target, input, stamp });
    return saved.ok ? { ok: true, value: { id: saved.value.id } } : saved;
  });
}

/** Withdraws one reading. */
export async function withdrawReadingAction(
  key: string,
  readingId: string,
): Promise<WireResult<{ count: number }>> {
  return performWriteOn(key, {
    name: 'reading.withdraw',
    target: readingId,
    work: (db, id, stamp) => withdrawReading(db, id, stamp),
  });
}

/** Undoes the withdrawal of a reading. */
export async function restoreReadingAction(
  key: string,
  readingId: string,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'reading.restore',
    target: readingId,
    work: (db, id, stamp) => restoreReading(db, id, stamp),
  });
}

/** Takes a whole import back. */
export async function undoImportAction(
  key: string,
  importId: string,
): Promise<WireResult<{ count: number }>> {
  return performWriteOn(key, {
    name: 'reading.import.undo',
    target: importId,
    work: (db, id, stamp) => withdrawImport(db, id, stamp),
  });
}

/** Writes down what was done to the tracks. */
export async function addTrackEventAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'track.add', (db, stamp) => writeTrackEvent(db, input, stamp.id));
}

/** Takes one of them back. */
export async function removeTrackEventAction(
  key: string,
  id: string,
): Promise<WireResult<TrackEvent>> {
  return performWriteOn(key, {
    name: 'track.remove',
    target: id,
    work: (db, target) => takeTrackEventBack(db, target),
  });
}

/** The modelled cases of an outing as it stands, to hold a typed reading against. */
export async function standingCasesAction(
  outingId: string,
  window: { startAt: string; hoursOnSnow: number | undefined },
): Promise<WireResult<PackedCases | undefined>> {
  return answered(() => modelledWindow(callersDatabase(), outingId, window));
}
