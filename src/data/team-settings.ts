import type { Iron } from '../core/iron';
import type { BaseType, Tool } from '../core/terms';
import type { FrostDatabase } from './database';

/** An iron of the team's own, by its name. */
export interface OwnIron extends Omit<Iron, 'setC'> {
  name: string;
}

/** What the team's bench is like, and the schools it follows; see METHOD_GROUPS in the core. */
export interface TeamSettings {
  methods: Record<string, string>;
  ventilated: boolean;
  tools: Tool[];
  baseType: BaseType;
  /** The team's own irons; job sheets reckon with the first. */
  irons: OwnIron[];
}

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
