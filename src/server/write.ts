import { randomUUID } from 'node:crypto';
import { type FrostDatabase } from '@/data/database';
import { database } from '@/data/process-database';
import { signAs } from '@/data/signatures';
import { answerRepeated, writeOnce } from '@/data/write-once';
import { checkedId } from '@/formats/schemas/ids';
import { answered, invalidInput, type WireResult } from '@/formats/wire';
import { handNow } from './caller';
import { nowMs } from './clock';
import { writeRefusal } from './permission';
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

/** Names of writes that the snow of an outing depends on. */
const MOVES_SNOW = /^(readings?|weather|course|place|outing|track|station)\./;

const KEY = /^[A-Za-z0-9_-]{8,64}$/;

/**
 * Runs a write for an action or a route, once for its key: in one transaction, with faults told by code,
 * and with every screen of an outing fresh afterwards. `name` says what is done, for the record of keys.
 */
export function performWrite<T>(
  key: unknown,
  name: string,
  work: (db: FrostDatabase, stamp: WriteStamp) => Promise<WireResult<T>>,
): Promise<WireResult<T>> {
  return answered(async () => {
    if (typeof key !== 'string' || !KEY.test(key)) {
      return invalidInput([{ field: 'key', message: WORDS.theKeyMustBe8 }]);
    }
    const refused = writeRefusal();
    if (refused) return refused;
    const hand = handNow();
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
      live().announce(name.split('.')[0]!, key);
      if (MOVES_SNOW.test(name)) prepareSnow();
    }
    return done;
  });
}

/** The same for a write to one thing: its id came from outside and is checked first. */
export function performWriteOn<T>(
  key: unknown,
  {
    name,
    target,
    work,
  }: {
    name: string;
    target: unknown;
    work: (db: FrostDatabase, id: string, stamp: WriteStamp) => Promise<WireResult<T>>;
  },
): Promise<WireResult<T>> {
  return performWrite(key, name, async (db, stamp) => {
    const id = checkedId(target);
    return id.ok ? work(db, id.value, stamp) : id;
  });
}

/** The writing part of a use-case as a write of its own. */
export const writing =
  (key: unknown, name: string): Write =>
  (work) =>
    performWrite(key, name, work);

/** The key of a route's write: the header `Idempotency-Key`, or one of its own. */
export const keyOf = (request: Request): string =>
  request.headers.get('idempotency-key') ?? randomUUID();
