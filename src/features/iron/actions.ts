'use server';

import type { OwnIron } from '@/core/model';
import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { forgetIron, keepIron } from './use-cases/own-irons';

/** Keeps an iron of the team's own, instead of one of the same name. */
export async function keepIronAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ name: string }>> {
  return performWrite(key, 'iron.keep', (db) => keepIron(db, input));
}

/** Forgets an iron; gives it back so that this can be undone. */
export async function forgetIronAction(key: string, name: string): Promise<WireResult<OwnIron>> {
  return performWriteOn(key, {
    name: 'iron.forget',
    target: name,
    work: (db, id) => forgetIron(db, id),
  });
}
