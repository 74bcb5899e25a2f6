import {
  BOOK_NAMES,
  bookKind,
  decide,
  differences,
  tombstoneKey,
  isGone,
  keptInConflict,
  labelOf,
  mergedTombstones,
  type BookName,
  type BookRecord,
  type Tombstone,
  type KindCount,
  type MergeReport,
} from '../../core/book';
import { inTransaction, type FrostDatabase } from '../database';
import { nextTurn } from '../next-turn';
import { signAs } from '../signatures';
import { addHere, changeHere, refOf, removeHere, standingHere, thoseHere } from './here';

/** A page of an incoming book: records of one kind. */
export interface IncomingPage {
  name: BookName;
  open: () => BookRecord[];
}

/** A book that came in: its records by kind and what was removed in it, in pages, and its pictures. */
export interface IncomingBook {
  pages: readonly IncomingPage[];
  gone: readonly (() => Tombstone[])[];
  /** By the id of the record; undefined: pictures are left out. */
  pictures: ReadonlyMap<string, Uint8Array> | undefined;
}

/** Conflicts, by id, in which the other book's record is taken; `all`: in each. */
export type TakenTheirs = 'all' | ReadonlySet<string>;

export interface MergeOptions {
  theirs: TakenTheirs;
  /** Hears how much is done, 0 to 1. */
  onShare?: (done: number) => void;
  /** Puts on the disk what was written so far: the end of the transaction would wait for all of it. */
  flush?: () => Promise<void>;
}

/** The other book names what neither book has. */
export class BookIncomplete extends Error {
  /** `kind`: the kind of the record that names it. */
  constructor(readonly kind: BookName) {
    super('book_incomplete');
    this.name = 'BookIncomplete';
  }
}

/** Pages that are written between two times on the disk. */
const A_FLUSH = 50;
/** Removals of one statement, between two pauses. */
const A_PAGE = 100;
const MOST_TOLD = 200;
/** Of each kind. */
const MOST_FIXED_TOLD = 5;
/** Kinds in which two records of one name are likely one thing written down twice. */
const NAMED: readonly BookName[] = ['venue', 'product', 'ski', 'skier', 'station'];

/** A write that the database refuses for what it names tells of which kind it was. */
async function whole(name: BookName, write: () => Promise<void>): Promise<void> {
  try {
    await write();
  } catch (error) {
    const { code } = error as { code?: unknown };
    throw code === 'SQLITE_CONSTRAINT_FOREIGNKEY' ? new BookIncomplete(name) : error;
  }
}

/** One meeting of two books: what was found so far. */
class Meeting {
  private readonly counts = new Map<BookName, KindCount>();
  private readonly report: MergeReport = {
    kinds: [],
    changes: [],
    conflicts: [],
    withoutPicture: 0,
    sameNames: [],
  };
  private gone = new Map<string, Tombstone>();
  /** What the other book removed, by kind. */
  private readonly removed = new Map<string, string[]>(BOOK_NAMES.map((name) => [name, []]));

  constructor(
    private readonly db: FrostDatabase,
    private readonly book: IncomingBook,
    private readonly options: MergeOptions,
  ) {}

  async hold(): Promise<MergeReport> {
    // What comes in was written by the hands that its own book names.
    await signAs(this.db, '');
    await this.readGone();
    const { pages } = this.book;
    for (const [at, page] of pages.entries()) {
      await nextTurn();
      this.options.onShare?.(at / pages.length);
      if (at % A_FLUSH === A_FLUSH - 1) await this.options.flush?.();
      await this.meet(page.name, page.open());
    }
    await this.takeAway();
    await this.writeGone();
    const kinds = BOOK_NAMES.flatMap((name) => this.counts.get(name) ?? []);
    return { ...this.report, kinds };
  }

  private count(name: BookName): KindCount {
    const found = this.counts.get(name);
    if (found) return found;
    const none = { added: 0, changed: 0, same: 0, kept: 0, removed: 0, conflicts: 0, fixed: 0 };
    const made = { name, ...none };
    this.counts.set(name, made);
    return made;
  }

  private async readGone(): Promise<void> {
    const mine = await this.db.selectFrom('gone').selectAll().execute();
    this.gone = new Map(mine.map((one) => [tombstoneKey(one.kind, one.ref), one]));
    for (const open of this.book.gone) {
      await nextTurn();
      for (const one of open()) {
        const key = tombstoneKey(one.kind, one.ref);
        const before = this.gone.get(key);
        this.gone.set(key, before ? mergedTombstones(before, one) : one);
        this.removed.get(one.kind)?.push(one.ref);
      }
    }
  }

  private isGone = (name: BookName, ref: string) => isGone(this.gone.get(tombstoneKey(name, ref)));

  private async meet(name: BookName, records: readonly BookRecord[]): Promise<void> {
    const here = await standingHere(this.db, name, records);
    const added: BookRecord[] = [];
    for (const record of records) {
      const ref = refOf(name, record);
      const mine = here.get(ref);
      if (mine) await this.both(name, mine, record);
      else if (!this.isGone(name, ref) && this.hasPicture(name, record)) added.push(record);
    }
    this.count(name).added += added.length;
    await this.sameNames(name, added);
    if (added.length === 0) return;
    const pictureOf = (id: string) => Buffer.from(this.book.pictures!.get(id)!);
    await whole(name, () => addHere(this.db, { name, pictureOf }, added));
  }

  private hasPicture(name: BookName, { id }: BookRecord): boolean {
    if (!bookKind(name).hasPicture || this.book.pictures?.has(String(id))) return true;
    this.report.withoutPicture += 1;
    return false;
  }

  private async both(name: BookName, mine: BookRecord, theirs: BookRecord): Promise<void> {
    const kind = bookKind(name);
    const count = this.count(name);
    const verdict = decide(kind, mine, theirs);
    if (verdict.kind === 'same' || verdict.kind === 'kept') {
      count[verdict.kind] += 1;
      return;
    }
    const id = `${name}/${refOf(name, mine)}`;
    const isFixed = verdict.kind === 'conflict' && verdict.isFixed;
    const columns = differences(mine, theirs).map((column) => ({
      column,
      mine: mine[column],
      theirs: theirs[column],
    }));
    const isTaken = verdict.kind === 'changed' || (!isFixed && this.takes(id));
    const difference = { id, name, label: labelOf(mine), columns, isFixed, isTaken };
    if (isFixed) {
      count.fixed += 1;
      if (count.fixed <= MOST_FIXED_TOLD) this.report.conflicts.push(difference);
      return;
    }
    const list = verdict.kind === 'changed' ? this.report.changes : this.report.conflicts;
    if (list.length < MOST_TOLD) list.push(difference);
    count[verdict.kind === 'changed' ? 'changed' : 'conflicts'] += 1;
    const record =
      verdict.kind === 'changed'
        ? verdict.record
        : isTaken
          ? theirs
          : keptInConflict(kind, mine, theirs);
    if (record) await whole(name, () => changeHere(this.db, name, record));
  }

  private takes(id: string): boolean {
    const { theirs } = this.options;
    return theirs === 'all' || theirs.has(id);
  }

  /** Tells of new records that have the name of another one. */
  private async sameNames(name: BookName, added: readonly BookRecord[]): Promise<void> {
    if (!NAMED.includes(name) || added.length === 0) return;
    const names = added.map((record) => String(record.name));
    const rows = await this.db
      .selectFrom(name as 'venue')
      .select('name')
      .distinct()
      .where('name', 'in', names)
      .execute();
    this.report.sameNames.push(...rows.map((row) => ({ name, label: row.name })));
  }

  /** Removes here what was removed in the other book and did not come back. */
  private async takeAway(): Promise<void> {
    for (const name of BOOK_NAMES) {
      const refs = this.removed.get(name)!;
      for (let from = 0; from < refs.length; from += A_PAGE) {
        await nextTurn();
        const page = refs.slice(from, from + A_PAGE).filter((ref) => this.isGone(name, ref));
        const here = page.length > 0 ? await thoseHere(this.db, name, page) : [];
        this.count(name).removed += here.length;
        for (const ref of here) await removeHere(this.db, name, ref);
      }
    }
  }

  /** Writes what both books know of removals, over what this meeting's own writes left there. */
  private async writeGone(): Promise<void> {
    const all = [...this.gone.values()];
    for (let from = 0; from < all.length; from += A_PAGE) {
      await nextTurn();
      await this.db
        .insertInto('gone')
        .values(all.slice(from, from + A_PAGE))
        .onConflict((conflict) =>
          conflict.columns(['kind', 'ref']).doUpdateSet(({ ref }) => ({
            gone_at: ref('excluded.gone_at'),
            back_at: ref('excluded.back_at'),
          })),
        )
        .execute();
    }
  }
}

/**
 * Meets another book: adds what is new, takes over what was changed later there, and leaves what a person must
 * decide unless the options say otherwise; all of it or, where it throws, nothing.
 */
export const mergeBook = (
  db: FrostDatabase,
  book: IncomingBook,
  options: TakenTheirs | MergeOptions,
): Promise<MergeReport> => {
  const all = isOptions(options) ? options : { theirs: options };
  return inTransaction(db, (transaction) => new Meeting(transaction, book, all).hold());
};

const isOptions = (options: TakenTheirs | MergeOptions): options is MergeOptions =>
  typeof options === 'object' && 'theirs' in options;
