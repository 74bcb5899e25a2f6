import { randomInt, randomUUID } from 'node:crypto';
import { dataFolder, database } from '@/data/process-database';
import { hubLink, noteHub } from '@/data/hub-link';
import { agreeToRemovals } from '@/data/shared-book/removals';
import { copyOffLoop } from '../copying';
import type { FrostDatabase } from '@/data/database';
import { nowMs } from '../clock';
import { live } from '../live';
import { prepareSnow } from '../prepare-snow';
import { hubClient, HubRefusal } from './hub-client';
import { problemOf, syncOnce } from './sync';

const EVERY_MS = 30_000;

/** What an exchange came to: how many records came, or why there was none. */
export type Step = { ok: true; came: number } | { ok: false; problem: string };

let underWay: Promise<Step> | undefined;
const MOST_SESSION = 2 ** 48 - 1;
const sessions = new WeakMap<FrostDatabase, number>();

/** The number by which this app signs what it writes into documents, as long as this database is open. */
function sessionOf(db: FrostDatabase): number {
  const known = sessions.get(db) ?? randomInt(1, MOST_SESSION);
  sessions.set(db, known);
  return known;
}

async function exchange(): Promise<Step> {
  const db = database();
  const link = await hubLink(db);
  if (!link) return { ok: true, came: 0 };
  try {
    const copy = () => copyOffLoop(dataFolder(), { at: new Date(nowMs()), kind: 'before' });
    const came = (await syncOnce({ db, hub: hubClient(link), session: sessionOf(db), copy })) ?? 0;
    if (came > 0) {
      live().announce('hub', randomUUID());
      prepareSnow();
    }
    return { ok: true, came };
  } catch (error) {
    const problem = error instanceof HubRefusal ? error.problem : 'failed';
    if (!(error instanceof HubRefusal)) console.error(error);
    // Said once, not every half minute: each write would have others fetch their pages.
    if (link.problem !== problem) await noteHub(db, { problem });
    return { ok: false, problem };
  }
}

/** Removes what another cabin removed beyond what is taken over without asking, in the transaction of a write. */
export const agreeTo = (transaction: FrostDatabase, cabin: string): Promise<void> =>
  agreeToRemovals(transaction, cabin, {
    check: problemOf,
    nowIso: new Date(nowMs()).toISOString(),
    session: sessionOf(database()),
  });

/** Exchanges with the hub now; one at a time. */
export function stepNow(): Promise<Step> {
  underWay ??= exchange().finally(() => {
    underWay = undefined;
  });
  return underWay;
}

/** Exchanges with the hub again and again while the server runs; without a hub it does nothing. */
export function keepInStep(): void {
  setInterval(() => void stepNow().catch(() => undefined), EVERY_MS).unref();
}
