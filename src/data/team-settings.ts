import type { TeamSettings } from '../core/model';
import type { FrostDatabase } from './database';

export const TEAM_DEFAULTS: TeamSettings = {
  methods: {},
  ventilated: true,
  tools: ['ski_iron', 'cork'],
  baseType: 'sintered',
  irons: [],
};

/** The team's settings, with the house's where nothing was set. */
export async function loadTeamSettings(db: FrostDatabase): Promise<TeamSettings> {
  const rows = await db.selectFrom('team_setting').selectAll().execute();
  const own = Object.fromEntries(rows.map((row) => [row.key, JSON.parse(row.value) as unknown]));
  return { ...TEAM_DEFAULTS, ...own };
}

/** Sets some of them. */
export async function saveTeamSettings(
  db: FrostDatabase,
  change: Partial<TeamSettings>,
): Promise<void> {
  const rows = Object.entries(change).map(([key, value]) => ({
    key,
    value: JSON.stringify(value),
  }));
  if (rows.length === 0) return;
  await db.replaceInto('team_setting').values(rows).execute();
}
