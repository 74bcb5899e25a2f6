import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { readersLocale } from '@/server/readers-locale';
import { copiesNow } from './copies';
import { shownHub } from './link-hub';

/** What the settings show: of the team, of this server, and the language of who asks. */
export const loadSettings = async (db: FrostDatabase) => ({
  team: await loadTeamSettings(db),
  copies: copiesNow(),
  hub: await shownHub(db),
  locale: await readersLocale(),
});
