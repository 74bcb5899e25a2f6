import path from 'node:path';
import { wallMs } from '@/core/time';
import { databaseFile } from '@/data/database';
import { copyDatabase, listCopies, restoreCopy, RestoreRefusal } from '@/data/storage/copies';
import { existsSync } from 'node:fs';
import { layOutLocales } from '@/words/locales';
import { hostScreenWords } from '@/words/screens/host';

const WORDS = hostScreenWords.copies;
const REFUSED_EXIT_CODE = 3;

/** Says why not, and what to do, and ends. */
function refuse(message: string): never {
  console.error(message);
  process.exit(REFUSED_EXIT_CODE);
}

async function backUp(folder: string): Promise<void> {
  if (!existsSync(databaseFile(folder))) refuse(WORDS.nothingToCopy(folder));
  const { file, bytes } = await copyDatabase(folder, { at: new Date(wallMs()), kind: 'hand' });
  console.log(WORDS.copied(file, bytes));
}

async function restore(folder: string, copy: string | undefined): Promise<void> {
  const copies = listCopies(folder);
  if (copy === undefined) refuse(WORDS.whichCopy(copies.map(({ file }) => file)));
  try {
    const before = await restoreCopy(path.resolve(copy), { folder, at: new Date(wallMs()) });
    console.log(WORDS.restored(copy, before?.file));
  } catch (error) {
    if (!(error instanceof RestoreRefusal)) throw error;
    refuse(WORDS.REFUSED[error.code](error.detail));
  }
}

layOutLocales();
const [command, folder = '', copy] = process.argv.slice(2);
await (command === 'restore' ? restore(folder, copy) : backUp(folder));
