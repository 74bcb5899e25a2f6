import type { TeamSettings } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings, saveTeamSettings } from '@/data/team-settings';
import { teamChangeSchema } from '@/formats/schemas/team';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

/** Changes single settings of the team; all others stay as they are stored now. Gives all of them. */
export async function changeTeam(
  db: FrostDatabase,
  input: unknown,
): Promise<WireResult<TeamSettings>> {
  const checked = validate(teamChangeSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { methods, tools, ...single } = checked.value;
  const stored = await loadTeamSettings(db);
  const given = Object.entries(single).filter(([, value]) => value !== undefined);
  const change: Partial<TeamSettings> = Object.fromEntries(given);
  if (methods) change.methods = { ...stored.methods, ...(methods as Record<string, string>) };
  if (tools) {
    const { added = [], removed = [] } = tools;
    const left = stored.tools.filter((tool) => !removed.includes(tool) && !added.includes(tool));
    change.tools = [...left, ...added];
  }
  await saveTeamSettings(db, change);
  return { ok: true, value: { ...stored, ...change } };
}
