import { differences, type BookName } from '../../core/book';
import { grouped } from '../../core/grouped';
import { documentOf, MOST_REMOVED_A_DAY } from '../../core/shared-book';
import { DAY_MS } from '../../core/units/constants';
import { addHere, changeHere, refOf, removeHere, singleHere } from '../book/here';
import type { FrostDatabase } from '../database';
import { eachInTurns, nextTurn } from '../next-turn';
import { noteListed, type Listed } from './decisions';
import { holdBack, type HeldReason } from './held';
import {
  changesIn,
  toWrite,
  type Add,
  type Hold,
  type Item,
  type Removal,
  type Wanted,
  type WriteGround,
} from './to-write';

/** Records of one statement, of which all go in or none. */
const A_STATEMENT = 40;

const isConstraint = (error: unknown): boolean =>
  String((error as { code?: unknown }).code ?? '').startsWith('SQLITE_CONSTRAINT');

interface Removing {
  name: BookName;
  one: Removal;
}

/**
 * Writes what the documents say, one document after the other, within the transaction that keeps them; what cannot stand
 * here is held back. Documents come in the order of their kinds; what is removed goes last, when nothing names it any
 * more.
 */
export class Writing {
  private readonly held: (Hold & { name: BookName })[] = [];
  private readonly done: { name: BookName; ref: string }[] = [];
  private readonly others: { kind: BookName; ref: string; document: string }[] = [];
  private readonly listed: Listed[] = [];
  private readonly removals = new Map<string, number>();
  private readonly removing: Removing[] = [];
  private waiting: Add[] = [];
  private name: BookName | undefined;
  private came = 0;

  constructor(
    private readonly db: FrostDatabase,
    private readonly ground: WriteGround,
  ) {}

  /** Writes what one document says, but for what it removes. */
  async write(wanted: Wanted): Promise<void> {
    const todo = await toWrite(this.db, wanted, this.ground);
    if (!todo) return;
    const { name, hold, same, add, change, remove } = todo;
    if (name !== this.name) await this.endKind();
    this.name = name;
    this.came += add.length + changesIn(todo);
    for (const one of hold) this.hold(name, one, one.reason);
    for (const one of same) this.done.push({ name, ref: one.ref });
    await this.add(name, add);
    for (const one of change) {
      if (one.takesAway && !(await this.mayRemove(name, one))) this.hold(name, one, 'removal');
      else await this.put(name, one, () => changeHere(this.db, name, one.record));
    }
    this.removing.push(...remove.map((one) => ({ name, one })));
  }

  /** Removes, and notes what was done and what was held back; gives how many records came. */
  async end(): Promise<number> {
    await this.endKind();
    const kinds = [...grouped(this.removing, ({ name }) => name).values()].toReversed();
    for (const { name, one } of kinds.flat()) {
      if (!(await this.mayRemove(name, one))) this.hold(name, one, 'removal');
      else await this.tried(name, { ...one, isRemoval: true }, () => this.remove(name, one));
    }
    await this.note();
    return this.came;
  }

  /** Removes a record, and notes when that was there; no later than now. */
  private async remove(name: BookName, { ref, at }: Removal): Promise<void> {
    await removeHere(this.db, name, ref);
    if (!(at < this.ground.nowIso) || at === '') return;
    await this.db
      .updateTable('gone')
      .set({ gone_at: at })
      .where('kind', '=', name)
      .where('ref', '=', ref)
      .execute();
  }

  private hold(name: BookName, item: Item, reason: HeldReason): void {
    this.held.push({ ...item, name, reason });
  }

  private isDone(name: BookName, item: Item & { isOther?: boolean }): void {
    this.done.push({ name, ref: item.ref });
    if (item.isOther) this.others.push({ kind: name, ref: item.ref, document: item.document });
  }

  /** Writes one record; where the database refuses it for what it names, it is held back. */
  private async tried(
    name: BookName,
    item: Item & { isRemoval?: boolean },
    write: () => Promise<void>,
  ): Promise<boolean> {
    try {
      await write();
    } catch (error) {
      if (!isConstraint(error)) throw error;
      this.hold(name, item, item.isRemoval ? 'named' : 'incomplete');
      return false;
    }
    this.isDone(name, item);
    return true;
  }

  /** Writes one record; of two that stand for one thing the one with the smaller id stays, and both are told. */
  private async put(name: BookName, item: Add, write: () => Promise<void>): Promise<boolean> {
    const other = await singleHere(this.db, name, item.record);
    if (!other) return this.tried(name, item, write);
    const mine = { ref: refOf(name, other), document: documentOf(name, other) };
    const isTaken = item.ref < mine.ref;
    const gives = isTaken ? mine : item;
    await removeHere(this.db, name, gives.ref);
    this.others.push({ kind: name, ref: gives.ref, document: gives.document });
    this.listed.push({
      by: item.by,
      difference: {
        id: `${name}/${mine.ref}/${item.ref}`,
        name,
        label: item.label,
        columns: differences(other, item.record).map((column) => ({
          column,
          mine: other[column],
          theirs: item.record[column],
        })),
        isFixed: false,
        isTaken,
      },
    });
    if (isTaken) return this.tried(name, item, write);
    this.done.push({ name, ref: item.ref });
    return true;
  }

  private insert(name: BookName, all: readonly Add[]): Promise<void> {
    const pictureOf = (ref: string) => this.ground.pictureOf!(ref)!;
    return addHere(
      this.db,
      { name, pictureOf },
      all.map(({ record }) => record),
    );
  }

  private async add(name: BookName, items: readonly Add[]): Promise<void> {
    for (let from = 0; from < items.length; from += A_STATEMENT) {
      await nextTurn();
      const page = items.slice(from, from + A_STATEMENT);
      try {
        await this.insert(name, page);
        for (const one of page) this.isDone(name, one);
      } catch (error) {
        if (!isConstraint(error)) throw error;
        this.waiting.push(...page);
      }
    }
  }

  /** Adds what is left of a kind one by one, until none goes in any more: one of them may name another one. */
  private async endKind(): Promise<void> {
    const { name } = this;
    if (!name) return;
    for (let before = Infinity; this.waiting.length > 0 && this.waiting.length < before;) {
      before = this.waiting.length;
      const left: Add[] = [];
      for (const one of this.waiting) {
        if (!(await this.put(name, one, () => this.insert(name, [one])))) left.push(one);
      }
      this.waiting = left;
    }
    this.waiting = [];
  }

  /** Counts the removals of a cabin within a day; beyond the limit a person must say yes. */
  private async mayRemove(name: BookName, { ref, by }: Item): Promise<boolean> {
    if (this.ground.isAgreed) return true;
    let count = this.removals.get(by);
    if (count === undefined) {
      const since = new Date(Date.parse(this.ground.nowIso) - DAY_MS).toISOString();
      const { found } = await this.db
        .selectFrom('shared_removal')
        .select(({ fn }) => fn.countAll<number>().as('found'))
        .where('cabin', '=', by)
        .where('at', '>', since)
        .executeTakeFirstOrThrow();
      count = found;
    }
    const may = count < MOST_REMOVED_A_DAY;
    this.removals.set(by, count + (may ? 1 : 0));
    if (may) {
      const row = { cabin: by, at: this.ground.nowIso };
      await this.db
        .insertInto('shared_removal')
        .values({ kind: name, ref, ...row })
        .onConflict((conflict) => conflict.columns(['kind', 'ref']).doUpdateSet(row))
        .execute();
    }
    return may;
  }

  private async note(): Promise<void> {
    // What was just written stands in the documents; what must stand there otherwise goes in the next time.
    await forgetTouched(this.db, this.done);
    await eachInTurns(this.others, async (one) => {
      await this.db
        .insertInto('shared_touched')
        .values(one)
        .onConflict((conflict) => conflict.doNothing())
        .execute();
    });
    await noteListed(this.db, this.listed, this.ground.nowIso);
    const done = new Set(this.done.map(({ name, ref }) => `${name} ${ref}`));
    const held = this.held.filter(({ name, ref }) => !done.has(`${name} ${ref}`));
    await holdBack(this.db, { done: this.done, held, at: this.ground.nowIso });
  }
}

async function forgetTouched(
  db: FrostDatabase,
  done: readonly { name: BookName; ref: string }[],
): Promise<void> {
  const touched = await db.selectFrom('shared_touched').select(['kind', 'ref']).execute();
  const written = new Set(done.map(({ name, ref }) => `${name} ${ref}`));
  await eachInTurns(
    touched.filter(({ kind, ref }) => written.has(`${kind} ${ref}`)),
    async ({ kind, ref }) => {
      await db
        .deleteFrom('shared_touched')
        .where('kind', '=', kind)
        .where('ref', '=', ref)
        .execute();
    },
  );
}
