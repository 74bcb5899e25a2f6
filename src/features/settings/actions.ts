'use server';

import type { TeamSettings } from '@/core/model';
import { cookies } from 'next/headers';
import { revalidatePath } from 'next/cache';
import { asFields } from '@/formats/schemas/validation';
import { answered, failed, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { performWrite } from '@/server/write';
import { stepNow } from '@/server/hub/keep-in-step';
import { hostRefusal, writeRefusal } from '@/server/permission';
import { UNITS_COOKIE, unitsFromCookie, unitsToCookie, type Units } from '@/words/units';
import { copyNow, type ListedCopy } from './use-cases/copies';
import { changeTeam } from './use-cases/change-team';
import { answerRemovals, joinHub, leaveHub, sawDecision } from './use-cases/link-hub';
import { settingsScreenWords } from '@/words/screens/settings';

const ONE_YEAR_S = 31_536_000;

/** Changes single units of this device; the others stay as they are. */
export async function saveUnitsAction(change: Partial<Units>): Promise<void> {
  const jar = await cookies();
  const now = unitsFromCookie(jar.get(UNITS_COOKIE)?.value);
  const safe = unitsFromCookie(unitsToCookie({ ...now, ...asFields(change) }));
  jar.set(UNITS_COOKIE, unitsToCookie(safe), {
    maxAge: ONE_YEAR_S,
    sameSite: 'lax',
    path: '/',
  });
  revalidatePath('/', 'layout');
}

/** Changes single settings of the team's bench, for all outings and devices. */
export async function saveTeamAction(
  key: string,
  change: unknown,
): Promise<WireResult<TeamSettings>> {
  return performWrite(key, 'team.change', (db) => changeTeam(db, change));
}

/** Copies the database as it is now. */
export async function copyNowAction(): Promise<WireResult<ListedCopy>> {
  return answered(() => writeRefusal() ?? copyNow(nowMs(), 'hand'));
}

const WORDS = settingsScreenWords.hub;

/** Joins a hub, and exchanges with it at once. */
export async function joinHubAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ message: string }>> {
  const joined = await performWrite(
    key,
    'hub.join',
    async (db) => hostRefusal() ?? joinHub(db, input),
  );
  return joined.ok ? stepNowAction() : joined;
}

/** Leaves the hub. */
export async function leaveHubAction(key: string): Promise<WireResult<{ message: string }>> {
  const left = await performWrite(key, 'hub.leave', async (db) => hostRefusal() ?? leaveHub(db));
  return left.ok ? { ok: true, value: { message: WORDS.left } } : left;
}

/** Exchanges with the hub now. */
export async function stepNowAction(): Promise<WireResult<{ message: string }>> {
  return answered(async () => {
    const refused = writeRefusal();
    if (refused) return refused;
    const step = await stepNow();
    return step.ok
      ? { ok: true, value: { message: WORDS.came(step.came) } }
      : failed('hub', WORDS.problem(step.problem));
  });
}

/** A person has looked at what the hub settled between two cabins. */
export async function sawDecisionAction(
  key: string,
  id: string,
): Promise<WireResult<{ message: string }>> {
  const seen = await performWrite(key, 'hub.seen', (db) => sawDecision(db, id));
  return seen.ok ? { ok: true, value: { message: WORDS.seen } } : seen;
}

/** Removes what another cabin removed beyond what is taken over without asking, or keeps it; the others hear of it. */
export async function answerRemovalsAction(
  key: string,
  input: { cabin: string; isAgreed: boolean },
): Promise<WireResult<{ message: string }>> {
  const done = await performWrite(key, 'hub.removals', (db) => answerRemovals(db, input));
  if (!done.ok) return done;
  return { ok: true, value: { message: input.isAgreed ? WORDS.removedToo : WORDS.keptAll } };
}
