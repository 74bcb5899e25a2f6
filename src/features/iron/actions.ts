'use server';

import type { OwnIron } from '@/data/team-settings';
import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { deed } from '@/server/deed';
import { forgetIron, keepIron } from './use-cases/own-irons';

/** Keeps an iron of the team's own, instead of one of the same name. */
export async function keepIronAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ name: string }>> {
  return deed(key, 'iron.keep', (db) => keepIron(db, input));
}

/** Forgets an iron; gives it back so that this can be undone. */
export async function forgetIronAction(key: string, name: string): Promise<WireResult<OwnIron>> {
  return deed(key, 'iron.forget', async (db) => {
    const id = checkedId(name, 'name');
    return id.ok ? forgetIron(db, id.value) : id;
  });
}
