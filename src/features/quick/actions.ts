'use server';

import type { WireResult } from '@/formats/wire';
import { performWrite } from '@/server/write';
import { keepBlocks } from '@/server/keep-blocks';

/** Puts one's own blocks on the shelf. */
export async function keepBlocksAction(
  key: string,
  blocks: unknown,
): Promise<WireResult<{ kept: number }>> {
  return performWrite(key, 'quick.keep', (db, { newId }) => keepBlocks(db, blocks, newId));
}
