import { randomUUID } from 'node:crypto';
import { writeFacts, type WriteName } from '@/core/model';
import { type FrostDatabase } from '@/data/database';
import { database } from '@/data/process-database';
import { signAs } from '@/data/signatures';
import { answerRepeated, writeOnce } from '@/data/write-once';
import { answered, invalidInput, type WireResult } from '@/formats/wire';
import { authorNow } from './caller';
import { nowMs } from './clock';
import { hostRefusal, writeRefusal } from './permission';
import { live } from './live';
import { prepareSnow } from './prepare-snow';
import { refreshScreens } from './refresh-screens';
import { serverScreenWords } from '@/words/screens/server';

const WORDS = serverScreenWords.write;

/** Where the ids and the time of a write come from; `id` is the client's own key of it. */
export interface WriteStamp {
  id: string;
  newId: () => string;
  at: string;
  nowMs: number;
}

/** Runs the writing part of a use-case; what is slow (parsing, computing) is done before it. */
export type Write = <T>(
  work: (db: FrostDatabase, stamp: WriteStamp) => Promise<WireResult<T>>,
) => Promise<WireResult<T>>;

const KEY = /^[A-Za-z0-9_-]{8,64}$/;

/**
 * Runs a write for an action or a route, once for its key: in one transaction, with faults told by code,
 * and with every screen of an outing fresh afterwards.
 * {@link WRITES} says what follows from its `name`.
 */
export function performWrite<T>(
  key: unknown,
  name: WriteName,
  work: (db: FrostDatabase, stamp: WriteStamp) => Promise<WireResult<T>>,
): Promise<WireResult<T>> {
  return answered(async () => {
    if (typeof key !== 'string' || !KEY.test(key)) {
      return invalidInput([{ field: 'key', message: WORDS.keyMalformed }]);
    }
    const { kind, movesSnow, isForHost } = writeFacts(name);
    const refused = writeRefusal() ?? (isForHost && hostRefusal());
    if (refused) return refused;
    const hand = authorNow();
    const now = nowMs();
    const at = new Date(now).toISOString();
    const stamp = { id: key, newId: randomUUID, at, nowMs: now };
    const write = async (transaction: FrostDatabase, id: string) => {
      await signAs(transaction, hand);
      return work(transaction, { ...stamp, id });
    };
    const once = { key, name, at };
    const done = await writeOnce(database(), once, (transaction) => write(transaction, key)).catch(
      (error: unknown) => answerRepeated(database(), { key, error, newId: randomUUID() }, write),
    );
    if (done.ok) {
      refreshScreens();
      live().announce(kind, key);
      if (movesSnow) prepareSnow();
    }
    return done;
  });
}

/** The writing part of a use-case as a write of its own. */
export const writing =
  (key: unknown, name: WriteName): Write =>
  (work) =>
    performWrite(key, name, work);

/** The key of a route's write: the header `Idempotency-Key`, or one of its own. */
export const keyOf = (request: Request): string =>
  request.headers.get('idempotency-key') ?? randomUUID();
