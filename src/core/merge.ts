/** Values of a form or a row by field; lists and objects are compared by what they hold. */
export type Fields = Record<string, unknown>;

/** A field that two people changed to different values. */
export interface Clash {
  field: string;
  mine: unknown;
  theirs: unknown;
}

export interface Merged {
  /** Theirs with what I changed, and mine where both changed. */
  values: Fields;
  /** What others changed and I did not. */
  taken: string[];
  clashes: Clash[];
}

const isSame = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/**
 * Merges field by field what I made of `base` with what stands now. A field that only one side changed
 * is that side's; one that both changed to the same is no clash. Absent and null are the same.
 */
export function mergeFields(base: Fields, mine: Fields, current: Fields): Merged {
  const merged: Merged = { values: { ...current }, taken: [], clashes: [] };
  for (const field of new Set([...Object.keys(base), ...Object.keys(mine)])) {
    const isMineChanged = !isSame(base[field], mine[field]);
    const isTheirsChanged = !isSame(base[field], current[field]);
    if (isMineChanged) merged.values[field] = mine[field];
    if (!isTheirsChanged || isSame(mine[field], current[field])) continue;
    if (isMineChanged) {
      merged.clashes.push({ field, mine: mine[field], theirs: current[field] });
    } else merged.taken.push(field);
  }
  return merged;
}
