import type * as Y from 'yjs';
import {
  BOOK_NAMES,
  bookKind,
  differences,
  labelOf,
  type BookName,
  type BookRecord,
} from '../../core/book';
import { grouped } from '../../core/grouped';
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
import { loadDocument } from './documents';
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

/** What there is to do for one kind. */
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

/** What must be written so that what stands here is what the documents say. Writes nothing. */
export async function toWrite(
  db: FrostDatabase,
  wanted: readonly Wanted[],
  ground: WriteGround,
): Promise<Todo[]> {
  const todos: Todo[] = [];
  for (const name of BOOK_NAMES) {
    const todo: Todo = { name, add: [], change: [], remove: [], hold: [], same: [] };
    for (const one of wanted) {
      if (kindOf(one.name) !== name) continue;
      for (let from = 0; from < one.changed.length; from += A_PAGE) {
        await nextTurn();
        await sortOut({ ...one, changed: one.changed.slice(from, from + A_PAGE) }, todo, {
          db,
          ground,
        });
      }
    }
    todos.push(todo);
  }
  return todos;
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

/** What these records of documents must be here. */
export async function wantedOf(
  db: FrostDatabase,
  records: readonly { document: string; ref: string; cabin: string }[],
): Promise<Wanted[]> {
  const wanted: Wanted[] = [];
  for (const [name, own] of grouped(records, ({ document }) => document)) {
    const changed = own.map(({ ref, cabin }) => ({ ref, by: cabin }));
    wanted.push({ name, changed, document: await loadDocument(db, name) });
  }
  return wanted;
}

/** How many records that stand here others would change or remove. */
export const changesIn = (todos: readonly Todo[]): number =>
  todos.reduce((sum, { change, remove }) => sum + change.length + remove.length, 0);

/** How many records come. */
export const comingIn = (todos: readonly Todo[]): number =>
  todos.reduce((sum, { add }) => sum + add.length, changesIn(todos));
