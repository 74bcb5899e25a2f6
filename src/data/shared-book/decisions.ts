import { createHash } from 'node:crypto';
import {
  BOOK_NAMES,
  labelOf,
  recordOf,
  REMOVAL,
  type BookName,
  type Difference,
} from '../../core/book';
import { BY_HUB, fieldsOf, kindOf, type MetField, type MetRecord } from '../../core/shared-book';
import type * as Y from 'yjs';
import type { FrostDatabase } from '../database';
import { noteDecided } from '../hub-decided';
import { readRecord } from './absorb';

/** What a column says as a person knows it; text that is no JSON stays text. */
function listed(name: BookName, column: string, value: unknown): unknown {
  try {
    return recordOf(name, { [column]: value ?? null })[column];
  } catch {
    return value;
  }
}

/** The last of what others set that is not what stood here; undefined where there is none to tell of. */
function otherValue({ before, set, isBoth }: MetField): { value: unknown; by: string } | undefined {
  const isSetBack = before !== undefined && set.some(({ by }) => by === BY_HUB);
  if (!isBoth && !isSetBack) return undefined;
  return set.findLast(({ value }) => (value ?? null) !== (before ?? null));
}

/** Of something that was told: with its id the same two values are told once. */
const idOf = (ref: string, values: readonly unknown[]) =>
  `${ref}/${createHash('sha256').update(JSON.stringify(values)).digest('base64url').slice(0, 16)}`;

/** Something that two people set differently, and the other one's cabin. */
export interface Listed {
  by: string;
  difference: Difference;
}

/** What two people set differently, neither knowing of the other: each field with both values, and which one stands. */
export function contested(title: string, document: Y.Doc, records: readonly MetRecord[]): Listed[] {
  const name = BOOK_NAMES.find((one) => one === kindOf(title));
  if (!name) return [];
  return records.flatMap(({ ref, by, fields, isContested }) => {
    const now = fieldsOf(document, ref);
    const label = labelOf(readRecord(name, now) ?? { id: ref }) || ref;
    const found: Listed[] = [];
    for (const [column, field] of fields) {
      const other = otherValue(field);
      if (!other) continue;
      const [mine, theirs] = [field.before, other.value].map((one) => listed(name, column, one));
      const isTaken = (now.get(column) ?? null) === (other.value ?? null);
      const id = idOf(`${name}/${ref}/${column}`, [mine, theirs]);
      const columns = [{ column, mine, theirs }];
      found.push({
        by: other.by,
        difference: { id, name, label, columns, isFixed: false, isTaken },
      });
    }
    if (isContested) {
      const columns = [{ column: REMOVAL, mine: null, theirs: null }];
      const id = `${name}/${ref}/${REMOVAL}`;
      found.push({ by, difference: { id, name, label, columns, isFixed: false, isTaken: false } });
    }
    return found;
  });
}

/** Lists them for a person to look at. */
export async function noteListed(
  db: FrostDatabase,
  found: readonly Listed[],
  at: string,
): Promise<void> {
  for (const { by, difference } of found) {
    await noteDecided(db, { cabin: by, at }, [difference]);
  }
}
