import type * as Y from 'yjs';
import {
  BOOK_NAMES,
  bookKind,
  differences,
  labelOf,
  type BookName,
  type BookRecord,
} from '../../core/book';
import {
  counted,
  documentOf,
  fieldsOf,
  isStanding,
  kindOf,
  removedAt,
  type Fields,
} from '../../core/shared-book';
import { namedHere, refOf } from '../book/here';
import type { FrostDatabase } from '../database';
import { nextTurn } from '../next-turn';
import { A_PAGE, readRecord } from './absorb';
import type { HeldReason } from './held';

/** A record that a document may have changed, and who did. */
export interface Changed {
  ref: string;
  by: string;
}

/** What a document says must stand here. */
export interface Wanted {
  name: string;
  document: Y.Doc;
  changed: readonly Changed[];
}

export interface WriteGround {
  /** What is wrong with a record, if anything. */
  check: (name: BookName, record: BookRecord) => string | undefined;
  /** Now, as the hub has it, ISO 8601 in UTC. */
  nowIso: string;
  /** Removals that a person has said yes to. */
  isAgreed?: boolean;
  /** The JPEG of a photo, if it has come. */
  pictureOf?: (ref: string) => Buffer | undefined;
}

export interface Item extends Changed {
  document: string;
  label: string;
}
/** `isOther`: it counts its changes otherwise than the documents do. */
export type Add = Item & { record: BookRecord; isOther: boolean };
export type Change = Add & { takesAway: boolean };
export type Removal = Item & { at: string };
export type Hold = Item & { reason: HeldReason };

/** What there is to do for one document. */
export interface Todo {
  name: BookName;
  add: Add[];
  change: Change[];
  remove: Removal[];
  hold: Hold[];
  /** Here already as it is there. */
  same: Item[];
}

/** The record of a document; undefined where it is none that could stand here. */
function readable(
  name: BookName,
  { ref, document, fields }: Item & { fields: Fields },
  ground: WriteGround,
): BookRecord | undefined {
  const record = readRecord(name, fields);
  const isItsPlace = record && refOf(name, record) === ref && documentOf(name, record) === document;
  return isItsPlace && ground.check(name, record) === undefined ? record : undefined;
}

/** Whether the app knows the kind whose records a document holds. */
const isKnown = (kind: string): kind is BookName => BOOK_NAMES.some((one) => one === kind);

/** Documents in the order in which they are written: what a record names stands before it. */
export const inOrder = (documents: readonly string[]): string[] =>
  [...BOOK_NAMES, ...new Set(documents.map(kindOf).filter((kind) => !isKnown(kind)))].flatMap(
    (kind) => documents.filter((document) => kindOf(document) === kind),
  );

/**
 * What must be written so that what stands here is what a document says. Writes nothing; nothing is to do for a kind that
 * only a newer version knows.
 */
export async function toWrite(
  db: FrostDatabase,
  wanted: Wanted,
  ground: WriteGround,
): Promise<Todo | undefined> {
  const name = kindOf(wanted.name);
  if (!isKnown(name)) return undefined;
  const todo: Todo = { name, add: [], change: [], remove: [], hold: [], same: [] };
  for (let from = 0; from < wanted.changed.length; from += A_PAGE) {
    await nextTurn();
    const page = { ...wanted, changed: wanted.changed.slice(from, from + A_PAGE) };
    await sortOut(page, todo, { db, ground });
  }
  return todo;
}

async function sortOut(
  { name: title, document, changed }: Wanted,
  todo: Todo,
  { db, ground }: { db: FrostDatabase; ground: WriteGround },
): Promise<void> {
  const { name } = todo;
  const here = await namedHere(
    db,
    name,
    changed.map(({ ref }) => ref),
  );
  for (const { ref, by } of changed) {
    const mine = here.get(ref);
    const item = { ref, by, document: title, label: mine ? labelOf(mine) : ref };
    const fields = fieldsOf(document, ref);
    if (!isStanding(fields)) {
      if (mine) todo.remove.push({ ...item, at: removedAt(fields) });
      else todo.same.push(item);
      continue;
    }
    const theirs = readable(name, { ...item, fields }, ground);
    if (!theirs) {
      todo.hold.push({ ...item, reason: 'unreadable' });
      continue;
    }
    const add = { ...item, ...counted(mine, theirs), label: labelOf(theirs) };
    const lacksPicture = bookKind(name).hasPicture && !ground.pictureOf?.(ref);
    if (!mine && lacksPicture) todo.hold.push({ ...item, reason: 'picture' });
    else if (!mine) todo.add.push(add);
    else if (add.isOther || differences(mine, add.record).length > 0) {
      todo.change.push({ ...add, takesAway: takesAway(mine, theirs) });
    } else todo.same.push(item);
  }
}

/** True where a change takes the record off the lists: it counts as a removal. */
const takesAway = (mine: BookRecord, theirs: BookRecord): boolean =>
  'removed_at' in theirs && mine.removed_at === null && theirs.removed_at !== null;

/** How many records that stand here others would change or remove. */
export const changesIn = ({ change, remove }: Todo): number => change.length + remove.length;
