import { mergeFields, type Fields } from '../core/merge';
import { failed, type WireResult } from './wire';
import { formatsScreenWords } from '../words/screens/formats';

const WORDS = formatsScreenWords.clash;

/** What a saved form hears when others changed the same thing meanwhile: the state to go on from. */
export interface ChangedMeanwhile {
  version: number;
  /** Fields that others changed and that were taken over. */
  taken: string[];
  /** Fields that both changed, with what stands now. */
  clashes: { field: string; theirs: unknown }[];
  /** All of what stands now. */
  current: Fields;
}

/**
 * What a save that stands on an older version comes to: the merged values, or `changed_meanwhile` with what
 * differs. `current` is what stands now, with its version.
 */
export function mergeMeanwhile<T extends Fields>(
  base: Fields,
  mine: Fields,
  current: { version: number; values: T },
): WireResult<{ values: T; taken: string[] }> {
  const { values, taken, clashes } = mergeFields(base, mine, current.values);
  if (clashes.length === 0) return { ok: true, value: { values: values as T, taken } };
  const details: ChangedMeanwhile = {
    version: current.version,
    taken,
    clashes: clashes.map(({ field, theirs }) => ({ field, theirs })),
    current: current.values,
  };
  return failed('changed_meanwhile', WORDS.changedByOthers, [details]);
}
