'use server';

import type { WireResult } from '@/formats/wire';
import { performWrite } from '@/server/write';
import { saveNewOuting } from './use-cases/save-outing';

/** Saves an outing, at a venue that exists or at a new one given with it; gives the outing's id. */
export async function saveOutingAction(
  key: string,
  input: { outing: unknown; venue: unknown; course: unknown; reading: unknown },
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'outing.save', (db, stamp) => saveNewOuting(db, { input, stamp }));
}
