import type { OwnIron } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings, saveTeamSettings } from '@/data/team-settings';
import { ownIronSchema } from '@/formats/schemas/iron';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { ironScreenWords } from '@/words/screens/iron';

const WORDS = ironScreenWords.ownIrons;

const MOST_IRONS = 12;

/** Keeps an iron of the team's own, instead of one of the same name. */
export async function keepIron(
  db: FrostDatabase,
  input: unknown,
): Promise<WireResult<{ name: string }>> {
  const checked = validate(ownIronSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const iron: OwnIron = checked.value;
  const others = (await loadTeamSettings(db)).irons.filter((other) => other.name !== iron.name);
  if (others.length >= MOST_IRONS) {
    return failed('conflict', WORDS.ironsAreKeptForgetOne(MOST_IRONS));
  }
  await saveTeamSettings(db, { irons: [...others, iron] });
  return { ok: true, value: { name: iron.name } };
}

/** Forgets an iron; gives it back so that this can be undone. */
export async function forgetIron(db: FrostDatabase, name: string): Promise<WireResult<OwnIron>> {
  const { irons } = await loadTeamSettings(db);
  const found = irons.find((iron) => iron.name === name);
  if (!found) return failed('not_found', WORDS.ironGone);
  await saveTeamSettings(db, { irons: irons.filter((iron) => iron !== found) });
  return { ok: true, value: found };
}
