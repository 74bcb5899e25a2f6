import path from 'node:path';
import { listCopies, type CopyKind, type KeptCopy } from '@/data/storage/copies';
import { failed, type WireResult } from '@/formats/wire';
import { callersFolder } from '@/server/callers-database';
import { copyOffLoop } from '@/server/copying';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.copies;

/** A copy as the screen lists it: the name of its file in the folder of the data. */
export interface ListedCopy {
  name: string;
  at: string;
  bytes: number;
}

const listed = ({ file, at, bytes }: KeptCopy): ListedCopy => ({
  name: path.join(path.basename(path.dirname(file)), path.basename(file)),
  at,
  bytes,
});

/** The copies there are, the newest first. */
export const copiesNow = (): ListedCopy[] => listCopies(callersFolder()).map(listed);

/** Makes a copy now; says so where there is no room for it. */
export async function copyNow(nowMs: number, kind: CopyKind): Promise<WireResult<ListedCopy>> {
  try {
    const copy = await copyOffLoop(callersFolder(), { at: new Date(nowMs), kind });
    return { ok: true, value: listed(copy) };
  } catch (error) {
    return failed(
      'storage_fault',
      WORDS.failed(error instanceof Error ? error.message : String(error)),
    );
  }
}
