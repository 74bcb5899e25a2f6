import { database } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { SettingsScreen } from '@/features/settings/settings-screen';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSettings;

export const metadata = { title: WORDS.settings };

async function SettingsPage() {
  return <SettingsScreen team={await loadTeamSettings(database())} />;
}

export default readablePage(SettingsPage);
