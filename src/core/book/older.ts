import type { BookName, BookRecord } from './kinds';

/** How older versions said, in the note alone, that a step was undone. */
const UNDONE = [', undone', ', angret', ', zurückgenommen'];

/** A record of an older version with what this one would have written beside it. */
export function completed(name: BookName, record: BookRecord): BookRecord {
  if (name !== 'stock_move' || (record.is_undo ?? null) !== null) return record;
  const note = String(record.note ?? '');
  const isUndo = record.kind === 'corrected' && UNDONE.some((ending) => note.endsWith(ending));
  return { ...record, is_undo: isUndo ? 1 : 0 };
}
