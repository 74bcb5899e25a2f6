import { digest } from 'lib0/hash/sha256';
import * as Y from 'yjs';

/** What a column of a table holds; JSON as its text. */
export type RawValue = string | number | boolean | null;
export type RawRecord = Readonly<Record<string, RawValue>>;

/** Columns that count changes: they tell nothing of what a record says. */
export const COUNTERS: readonly string[] = ['version', 'course_version'];

/** The field of a removal; no column is called so. */
const REMOVED = '·removed';
const SUM_BYTES = 12;

/** A document; what is written into it is signed by `session`, a number that no other session ever has. */
export function openDocument(state: Uint8Array | undefined, session?: number): Y.Doc {
  const document = new Y.Doc();
  if (state) Y.applyUpdate(document, state);
  if (session !== undefined) document.clientID = session;
  return document;
}

/** The keys of all records that a document has or had. */
export const refsIn = (document: Y.Doc): string[] => [...document.share.keys()];

const isSame = (a: unknown, b: unknown) => (a ?? null) === (b ?? null);

/** What the fields of a record say, by name: also those that only a newer version knows. */
export type Fields = ReadonlyMap<string, unknown>;

export const fieldsOf = (document: Y.Doc, ref: string): Fields =>
  new Map(document.getMap(ref).entries());

/** A short text that is another one as soon as any field of a record says something else. */
function sumOf(fields: Fields): string {
  const told = [...fields]
    .filter(([name, value]) => name !== REMOVED && !COUNTERS.includes(name) && !isSame(value, null))
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const sum = digest(new TextEncoder().encode(JSON.stringify(told))).subarray(0, SUM_BYTES);
  return [...sum].map((byte) => byte.toString(36)).join('.');
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
  const map = document.getMap<unknown>(ref);
  for (const [column, value] of Object.entries(record)) {
    if (!isSame(map.get(column), value)) map.set(column, value);
  }
  if (!isSame(map.get(REMOVED), null)) map.set(REMOVED, null);
}

/** Notes that a record was removed here, as it was. What nobody ever knew needs no removal. */
export function removeRecord(document: Y.Doc, ref: string, at: string): void {
  const fields = fieldsOf(document, ref);
  if (isStanding(fields)) setField(document, ref, REMOVED, `${sumOf(fields)} ${at}`);
}

/** Sets one field. */
export function setField(document: Y.Doc, ref: string, name: string, value: unknown): void {
  document.getMap<unknown>(ref).set(name, value);
}

/** True for the name of a column. */
export const isColumn = (name: string): boolean => name !== REMOVED;
