'use server';

import { writeFacts, type WriteName } from '@/core/model';
import { asFields } from '@/formats/schemas/validation';
import { failed, type WireResult } from '@/formats/wire';
import { writeRefusal } from '@/server/permission';
import { serverScreenWords } from '@/words/screens/server';
import { DO, type Act, type WriteInput, type WriteValue } from './table';

type Perform = (name: WriteName, key: string, input: never) => Promise<WireResult<unknown>>;
const table: Record<Act, Perform> = DO;

/** Does a write of a screen by its name, once for its key. */
export async function act<N extends Act>(
  name: N,
  key: string,
  input: WriteInput<N>,
): Promise<WireResult<WriteValue<N>>> {
  const refused = writeRefusal();
  // Names and values come from a client, whatever their types say.
  const isKnown = Object.hasOwn(DO, name);
  if (refused && !(isKnown && writeFacts(name).isForLookers)) return refused;
  if (!isKnown) return failed('not_found', serverScreenWords.write.unknown);
  const done = await table[name](name, key, asFields(input) as never);
  return done as WireResult<WriteValue<N>>;
}
