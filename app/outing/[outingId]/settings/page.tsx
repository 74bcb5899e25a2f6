import { database } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { SettingsScreen } from '@/features/settings/settings-screen';

export const metadata = { title: 'Settings' };

export default async function SettingsPage() {
  return <SettingsScreen team={await loadTeamSettings(database())} />;
}
