import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings, saveTeamSettings } from '@/data/team-settings';
import { failed, type WireResult } from '@/formats/wire';
import { EVERYTHING } from '@/server/learning';
import { learningScreenWords } from '@/words/screens/learning';

/** A result counts no more, or again. */
export async function setExcluded(
  db: FrostDatabase,
  id: string,
  isExcluded: boolean,
): Promise<WireResult<null>> {
  const { learning = EVERYTHING } = await loadTeamSettings(db);
  const others = learning.excluded.filter((one) => one !== id);
  const excluded = isExcluded ? [...others, id] : others;
  await saveTeamSettings(db, { learning: { ...learning, excluded } });
  return { ok: true, value: null };
}

/** Everything so far is forgotten: only results from now on count. Gives what was before, for undoing. */
export async function forgetLearning(
  db: FrostDatabase,
  { at }: { at: string },
): Promise<WireResult<{ sinceAt: string | null }>> {
  const { learning = EVERYTHING } = await loadTeamSettings(db);
  await saveTeamSettings(db, { learning: { ...learning, sinceAt: at } });
  return { ok: true, value: { sinceAt: learning.sinceAt ?? null } };
}

/** What was forgotten counts again: from a time on, or all of it (null). */
export async function rememberLearning(
  db: FrostDatabase,
  sinceAt: unknown,
): Promise<WireResult<null>> {
  if (sinceAt !== null && (typeof sinceAt !== 'string' || Number.isNaN(Date.parse(sinceAt)))) {
    return failed('invalid_input', learningScreenWords.learning.notATime);
  }
  const { learning = EVERYTHING } = await loadTeamSettings(db);
  const { sinceAt: _, ...rest } = learning;
  await saveTeamSettings(db, { learning: sinceAt === null ? rest : { ...rest, sinceAt } });
  return { ok: true, value: null };
}
