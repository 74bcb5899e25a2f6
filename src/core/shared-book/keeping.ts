import * as Y from 'yjs';
import { BOOK_NAMES, bookKind, columnsOf } from '../book';
import { meet } from './meeting';
import { kindOf } from './places';
import { fieldsOf, setField } from './record';

/** The records of a document by the cabin that brought them first. */
export type Owners = ReadonlyMap<string, string>;

/** Columns of a kind that stay as they were written; only the cabin that brought the record may correct them. */
export function fixedColumns(kind: string): readonly string[] {
  const name = BOOK_NAMES.find((one) => one === kind);
  if (!name) return [];
  const { rule, closing = [] } = bookKind(name);
  if (rule !== 'once' && rule !== 'closing') return [];
  return Object.keys(columnsOf(name)).filter(
    (column) => !closing.includes(column) && !OPEN.includes(column),
  );
}
/** Whoever stands at the bench may take back a reading or a choice of another one. */
const OPEN: readonly string[] = ['withdrawn'];

/** What became of a part at the hub. */
export interface Kept {
  owners: Owners;
  /** What the hub itself set back, if anything. */
  setBack: Uint8Array | undefined;
}

/**
 * Takes a part of a cabin into the document that a hub keeps. A record belongs to the cabin that brought it first: where
 * another one changes what is written once, that is set back for all.
 */
export function keepPart(
  document: Y.Doc,
  {
    name,
    cabin,
    update,
    owners,
  }: { name: string; cabin: string; update: Uint8Array; owners: Owners },
): Kept {
  const fixed = new Set(fixedColumns(kindOf(name)));
  const known = new Map(owners);
  const records = meet(document, [{ by: cabin, update }], () => false);
  const before = Y.encodeStateVector(document);
  let isSetBack = false;
  document.transact(() => {
    for (const { ref, fields } of records) {
      const owner = known.get(ref) ?? cabin;
      known.set(ref, owner);
      if (owner === cabin) continue;
      const now = fieldsOf(document, ref);
      for (const [column, { before: was = null }] of fields) {
        if (!fixed.has(column) || (now.get(column) ?? null) === was) continue;
        setField(document, { ref, name: column }, was);
        isSetBack = true;
      }
    }
  });
  return {
    owners: known,
    setBack: isSetBack ? Y.encodeStateAsUpdate(document, before) : undefined,
  };
}

/** What of an update is new to a document, by the sessions that wrote it. */
export function newSessions(document: Y.Doc, update: Uint8Array): number[] {
  const known = Y.decodeStateVector(Y.encodeStateVector(document));
  return [...Y.parseUpdateMeta(update).to]
    .filter(([session, clock]) => clock > (known.get(session) ?? 0))
    .map(([session]) => session);
}
