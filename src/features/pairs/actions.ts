'use server';

import type { Starter } from '@/core/model';
import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import {
  addOwners,
  addStarter,
  changeSkier,
  changeStarter,
  putBack,
  takeOff,
} from './use-cases/change-starters';

/** Puts somebody on an outing. */
export async function addStarterAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'starter.add', (db, stamp) => addStarter(db, input, stamp));
}

/** Puts everybody on an outing who owns a pair for it. */
export async function addOwnersAction(
  key: string,
  outingId: string,
): Promise<WireResult<{ added: string[] }>> {
  return performWriteOn(key, {
    name: 'starter.owners',
    target: outingId,
    work: (db, id, stamp) => addOwners(db, id, stamp),
  });
}

/** Changes what a starter stands on. */
export async function changeStarterAction(
  key: string,
  starterId: string,
  change: unknown,
): Promise<WireResult<{ before: Starter }>> {
  return performWriteOn(key, {
    name: 'starter.change',
    target: starterId,
    work: (db, id) => changeStarter(db, id, change),
  });
}

/** Changes a skier. */
export async function changeSkierAction(
  key: string,
  skierId: string,
  change: unknown,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'skier.change',
    target: skierId,
    work: (db, id) => changeSkier(db, id, change),
  });
}

/** Takes starters off an outing. */
export async function takeOffAction(
  key: string,
  starterIds: readonly string[],
): Promise<WireResult<{ removed: Starter[] }>> {
  return performWrite(key, 'starter.off', async (db) => {
    const ids: string[] = [];
    for (const one of Array.isArray(starterIds) ? starterIds : []) {
      const id = checkedId(one);
      if (!id.ok) return id;
      ids.push(id.value);
    }
    return takeOff(db, ids);
  });
}

/** Puts starters back. */
export async function putBackAction(
  key: string,
  starters: readonly unknown[],
): Promise<WireResult<null>> {
  return performWrite(key, 'starter.back', (db) =>
    putBack(db, Array.isArray(starters) ? starters : []),
  );
}
