import { database } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { SettingsScreen } from '@/features/settings/settings-screen';
import { readable } from '@/server/readable';

export const metadata = { title: 'Settings' };

async function SettingsPage() {
  return <SettingsScreen team={await loadTeamSettings(database())} />;
}

export default readable(SettingsPage);
