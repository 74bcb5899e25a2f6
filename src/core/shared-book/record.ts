import { digest } from 'lib0/hash/sha256';
import * as Y from 'yjs';
import { SUM_BYTES, SUM_RADIX } from './figures';

/** What a column of a table holds; JSON as its text. */
export type RawValue = string | number | boolean | null;
export type RawRecord = Readonly<Record<string, RawValue>>;

/** Columns that count changes: they tell nothing of what a record says. */
export const COUNTERS: readonly string[] = ['version', 'course_version'];

/** The field of a removal; no column is called so. */
const REMOVED = '·removed';

/** A document; what is written into it is signed by `session`, a number that no other session ever has. */
export function openDocument(state: Uint8Array | undefined, session?: number): Y.Doc {
  const document = new Y.Doc();
  if (state) Y.applyUpdate(document, state);
  if (session !== undefined) document.clientID = session;
  return document;
}

/** Whether these bytes can be taken into a document. */
export function isUpdate(bytes: Uint8Array): boolean {
  try {
    openDocument(bytes);
    return true;
  } catch {
    return false;
  }
}

/** All fields of all records of a document stand in one map, so that what two cabins wrote of one record meets. */
export const mapOf = (document: Y.Doc): Y.Map<unknown> => document.getMap('fields');

/** The name of a field in that map: no column has the mark between them. */
export const keyOf = (ref: string, name: string): string => `${name}|${ref}`;
/** The record and the column of such a name. */
export function partsOf(key: string): { ref: string; name: string } {
  const mark = key.indexOf('|');
  return { name: key.slice(0, mark), ref: key.slice(mark + 1) };
}

/** The fields that a transaction changed, by their names in that map. */
export const changedKeys = (document: Y.Doc, transaction: Y.Transaction): string[] =>
  [...transaction.changed]
    .filter(([type]) => type === (mapOf(document) as unknown))
    .flatMap(([, keys]) => [...keys].filter((key) => key !== null));

type Names = Map<string, Set<string>>;
const indices = new WeakMap<Y.Doc, Names>();

function note(index: Names, key: string): void {
  const { ref, name } = partsOf(key);
  const names = index.get(ref);
  if (names) names.add(name);
  else index.set(ref, new Set([name]));
}

/** The names of the fields that each record of a document has or had. */
function indexOf(document: Y.Doc): Names {
  const known = indices.get(document);
  if (known) return known;
  const made: Names = new Map();
  const map = mapOf(document);
  for (const key of map.keys()) note(made, key);
  document.on('afterTransaction', (transaction: Y.Transaction) => {
    for (const key of changedKeys(document, transaction)) note(made, key);
  });
  indices.set(document, made);
  return made;
}

/** The keys of all records that a document has or had. */
export const refsIn = (document: Y.Doc): string[] => [...indexOf(document).keys()];

/** The names of the fields that a record has or had. */
export const namesOf = (document: Y.Doc, ref: string): Iterable<string> =>
  indexOf(document).get(ref) ?? [];

const isSame = (a: unknown, b: unknown) => (a ?? null) === (b ?? null);

/** What the fields of a record say, by name: also those that only a newer version knows. */
export type Fields = ReadonlyMap<string, unknown>;

export function fieldsOf(document: Y.Doc, ref: string): Fields {
  const map = mapOf(document);
  const fields = new Map<string, unknown>();
  for (const name of namesOf(document, ref)) {
    const key = keyOf(ref, name);
    if (map.has(key)) fields.set(name, map.get(key));
  }
  return fields;
}

/** A short text that is another one as soon as any field of a record says something else. */
function sumOf(fields: Fields): string {
  const rendered = [...fields]
    .filter(([name, value]) => name !== REMOVED && !COUNTERS.includes(name) && !isSame(value, null))
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const sum = digest(new TextEncoder().encode(JSON.stringify(rendered))).subarray(0, SUM_BYTES);
  return [...sum].map((byte) => byte.toString(SUM_RADIX)).join('.');
}

/**
 * Whether a record stands. A removal holds for the record as it was then: what was edited beside it, by someone who did
 * not know of the removal, stands.
 */
export function isStanding(fields: Fields): boolean {
  const says = [...fields.keys()].some((name) => name !== REMOVED);
  const removed = removalOf(fields);
  return says && (removed === undefined || removed.sum !== sumOf(fields));
}

/** How a record was when it was removed, and when that was, ISO 8601 in UTC. */
function removalOf(fields: Fields): { sum: string; at: string } | undefined {
  const [sum, at = ''] = String(fields.get(REMOVED) ?? '').split(' ');
  return sum ? { sum, at } : undefined;
}

/** When a record was removed, ISO 8601 in UTC; empty where nobody said. */
export const removedAt = (fields: Fields): string => removalOf(fields)?.at ?? '';

/** Whether somebody removed the record, and somebody else edited it beside that. */
export const isContested = (fields: Fields): boolean =>
  removalOf(fields) !== undefined && isStanding(fields);

const isRaw = (value: unknown): value is RawValue =>
  value === null || ['string', 'number', 'boolean'].includes(typeof value);

/** What a record says of these columns, as its table has them; undefined where it is nothing that a table could hold. */
export function rawOf(fields: Fields, columns: readonly string[]): RawRecord | undefined {
  const raw: Record<string, RawValue> = {};
  for (const column of columns) {
    const value = fields.get(column) ?? null;
    if (!isRaw(value)) return undefined;
    raw[column] = value;
  }
  return raw;
}

/** Writes a record as it stands here: only what differs, so that all else that others set stays. */
export function putRecord(document: Y.Doc, ref: string, record: RawRecord): void {
  const map = mapOf(document);
  for (const [name, value] of [...Object.entries(record), [REMOVED, null] as const]) {
    const key = keyOf(ref, name);
    if (!isSame(map.get(key), value)) map.set(key, value);
  }
}

/** Notes that a record was removed here, as it was. What nobody ever knew needs no removal. */
export function removeRecord(document: Y.Doc, ref: string, at: string): void {
  const fields = fieldsOf(document, ref);
  if (isStanding(fields)) setField(document, { ref, name: REMOVED }, `${sumOf(fields)} ${at}`);
}

/** Sets one field of a record. */
export function setField(
  document: Y.Doc,
  { ref, name }: { ref: string; name: string },
  value: unknown,
): void {
  mapOf(document).set(keyOf(ref, name), value);
}

/** True for the name of a column. */
export const isColumn = (name: string): boolean => name !== REMOVED;
