import { Box } from '@chakra-ui/react';
import { callersDatabase } from '@/server/callers-database';
import { loadTeamSettings } from '@/data/team-settings';
import { copiesNow } from '@/features/settings/use-cases/copies';
import { shownHub } from '@/features/settings/use-cases/link-hub';
import { SettingsScreen } from '@/features/settings/settings-screen';
import { readersTongue } from '@/server/readers-tongue';
import { readable } from '@/server/readable';
import { SheetLink } from '@/ui/frame/sheet-link';
import { settingsScreenWords } from '@/words/screens/settings';
import { pagesScreenWords } from '@/words/screens/pages';

export const generateMetadata = () => ({ title: pagesScreenWords.outingOutingIdSettings.settings });
export const dynamic = 'force-dynamic';

/** Settings where there is no outing yet, such as in a cabin that takes in the book of another one. */
async function SettingsPage() {
  const db = callersDatabase();
  return (
    <Box as="main">
      <SettingsScreen
        team={await loadTeamSettings(db)}
        copies={copiesNow()}
        hub={await shownHub(db)}
        tongue={await readersTongue()}
        timeZone={Intl.DateTimeFormat().resolvedOptions().timeZone}
      />
      <Box px={{ base: '4', md: '8' }} pb="8">
        <SheetLink href="/">{settingsScreenWords.settingsScreen.back}</SheetLink>
      </Box>
    </Box>
  );
}

export default readable(SettingsPage);
