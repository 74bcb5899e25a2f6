import * as Y from 'yjs';
import { changedKeys, COUNTERS, fieldsOf, isColumn, isContested, mapOf, partsOf } from './record';

/** A field that others set: what it said before, what it was set to, and by whom. */
export interface MetField {
  before: unknown;
  /** In the order in which it came, also what did not stand. */
  set: { value: unknown; by: string }[];
  /** It was set here too, by someone who did not know of theirs. */
  isBoth: boolean;
}

/** A record that others changed. */
export interface MetRecord {
  ref: string;
  /** Who changed it last. */
  by: string;
  /** Removed by one and edited by another, neither of whom knew of it: it stands. */
  isContested: boolean;
  /** By name; without the counters and what says how the record was removed. */
  fields: ReadonlyMap<string, MetField>;
}

/** What somebody changed in a document. */
export interface Part {
  by: string;
  update: Uint8Array;
}

interface Net {
  by: string;
  fields: Map<string, MetField>;
}

const isAt = (id: Y.ID | null, other: Y.ID) =>
  id !== null && id.client === other.client && id.clock === other.clock;

/** What an item says; undefined for one whose content is gone. */
const said = (item: Y.Item): unknown => item.content.getContent().at(-1);

/** All that was ever set in a field, the last one first. */
function* historyOf(last: Y.Item | undefined): Generator<Y.Item> {
  for (let item: Y.Item | null = last ?? null; item; item = item.left) yield item;
}

/** What one transaction did to a field. */
function metField(
  last: Y.Item | undefined,
  transaction: Y.Transaction,
  { by, isOwn }: { by: string; isOwn: (session: number) => boolean },
): MetField {
  const isNew = ({ id }: Y.Item) => id.clock >= (transaction.beforeState.get(id.client) ?? 0);
  const history = [...historyOf(last)];
  const mine = history.find((item) => !isNew(item));
  const theirs = history.filter(isNew).reverse();
  const stood = mine && (!mine.deleted || Y.isDeleted(transaction.deleteSet, mine.id));
  const knewMine = mine && theirs.some(({ origin }) => isAt(origin, mine.lastId));
  return {
    before: stood ? said(mine) : undefined,
    set: theirs.map((item) => ({ value: said(item), by })),
    isBoth: mine !== undefined && theirs.length > 0 && !knewMine && isOwn(mine.id.client),
  };
}

const joined = (earlier: MetField | undefined, now: MetField): MetField =>
  earlier
    ? {
        before: earlier.before,
        set: [...earlier.set, ...now.set],
        isBoth: earlier.isBoth || now.isBoth,
      }
    : now;

/**
 * Takes into a document what others changed and tells which records that were, and what they said before. A part that
 * cannot be read, or that rests on something that never came, changes nothing it does not say.
 * `isOwn`: whether a session was one of this book. Throws where a part is no update at all.
 */
export function meet(
  document: Y.Doc,
  parts: readonly Part[],
  isOwn: (session: number) => boolean,
): MetRecord[] {
  const met = new Map<string, Net>();
  const map = mapOf(document);
  let by = '';
  const watch = (transaction: Y.Transaction) => {
    const changed = new Map<string, Map<string, MetField>>();
    for (const key of changedKeys(document, transaction)) {
      const { ref, name } = partsOf(key);
      const fields = changed.get(ref) ?? new Map<string, MetField>();
      fields.set(name, metField(map._map.get(key), transaction, { by, isOwn }));
      changed.set(ref, fields);
    }
    for (const [ref, fields] of changed) {
      const net: Net = met.get(ref) ?? { by, fields: new Map() };
      for (const [name, field] of fields) {
        if (!isColumn(name) || COUNTERS.includes(name)) continue;
        net.fields.set(name, joined(net.fields.get(name), field));
      }
      net.by = by;
      met.set(ref, net);
    }
  };
  document.on('afterTransaction', watch);
  try {
    for (const part of parts) {
      by = part.by;
      Y.applyUpdate(document, part.update);
    }
  } finally {
    document.off('afterTransaction', watch);
  }
  return [...met].map(([ref, net]) => ({
    ref,
    ...net,
    isContested: isContested(fieldsOf(document, ref)),
  }));
}
