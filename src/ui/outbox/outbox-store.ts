import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { nowCalled, type OfflineWrite } from '@/core/model';

/** A write that waits on this device: what it is, its key, and what a person calls it. */
export interface OutboxEntry {
  /** Its turn: the order in which it was done. */
  turn: number;
  kind: OfflineWrite;
  /** The client's key: sent again with it, it is done once. */
  key: string;
  input: unknown;
  /** What was done, in words. */
  label: string;
  /** When, ISO 8601 in UTC. */
  at: string;
  /** Why the server refused it: it waits for a person. */
  why?: string;
  /** How often the server failed at it. */
  fails?: number;
}

export type NewEntry = Omit<OutboxEntry, 'turn' | 'why' | 'fails'>;

interface OutboxDb extends DBSchema {
  entry: { key: number; value: OutboxEntry; indexes: { byKey: string } };
}

const NAME = 'frost-outbox';
let opened: Promise<IDBPDatabase<OutboxDb>> | undefined;

function database(): Promise<IDBPDatabase<OutboxDb>> {
  opened ??= openDB<OutboxDb>(NAME, 1, {
    upgrade(db) {
      const store = db.createObjectStore('entry', { keyPath: 'turn', autoIncrement: true });
      store.createIndex('byKey', 'key', { unique: true });
    },
    terminated: () => {
      opened = undefined;
    },
  });
  // A store that cannot be opened now may be the next time.
  opened.catch(() => {
    opened = undefined;
  });
  return opened;
}

/** Keeps a write; one that is kept already stays as it is. */
export async function keepEntry(entry: NewEntry): Promise<void> {
  const transaction = (await database()).transaction('entry', 'readwrite');
  const known = await transaction.store.index('byKey').getKey(entry.key);
  // The turn is given by the store.
  if (known === undefined) await transaction.store.add(entry as OutboxEntry);
  await transaction.done;
}

/** Every write that waits, in the order in which it was done. */
export const keptEntries = async (): Promise<OutboxEntry[]> =>
  (await (await database()).getAll('entry')).map((one) => ({ ...one, kind: nowCalled(one.kind) }));

/** Forgets a write: it is with the server, or a person dropped it. */
export async function forgetEntry(turn: number): Promise<void> {
  await (await database()).delete('entry', turn);
}

/** Puts a write back that a person deleted, at its turn. */
export async function putEntryBack(entry: OutboxEntry): Promise<void> {
  await (await database()).put('entry', entry);
}

/** Notes why the server refused a write (undefined: it is to be sent again), or how often it failed at it. */
export async function markEntry(
  turn: number,
  change: Pick<OutboxEntry, 'why' | 'fails'>,
): Promise<void> {
  const transaction = (await database()).transaction('entry', 'readwrite');
  const entry = await transaction.store.get(turn);
  if (entry) await transaction.store.put({ ...entry, ...change });
  await transaction.done;
}
