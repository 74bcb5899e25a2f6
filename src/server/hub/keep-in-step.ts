import { randomUUID } from 'node:crypto';
import { dataFolder, database } from '@/data/process-database';
import { hubLink, noteHub } from '@/data/hub-link';
import { stateOf } from '@/data/state';
import { nowIso } from '../clock';
import { live } from '../live';
import { prepareSnow } from '../prepare-snow';
import { hubClient, HubRefusal } from './hub-client';
import { syncOnce } from './sync';

const EVERY_MS = 30_000;

/** What an exchange came to: how many records came, or why there was none. */
export type Step = { ok: true; came: number } | { ok: false; problem: string };

let underWay: Promise<Step> | undefined;
/** The database as it was when all had been handed in. */
let agreedState: string | undefined;

async function exchange(): Promise<Step> {
  const db = database();
  const link = await hubLink(db);
  if (!link) return { ok: true, came: 0 };
  try {
    const isUnchanged = agreedState !== undefined && agreedState === (await stateOf(db));
    const hub = hubClient(link);
    const ground = { db, folder: dataFolder(), hub, nowIso: nowIso(), isUnchanged };
    const came = (await syncOnce(ground)) ?? 0;
    agreedState = await stateOf(db);
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
