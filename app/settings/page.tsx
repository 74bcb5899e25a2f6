import { Box } from '@chakra-ui/react';
import { callersDatabase } from '@/server/callers-database';
import { loadSettings } from '@/features/settings/use-cases/load-settings';
import { SettingsScreen } from '@/features/settings/settings-screen';
import { titled } from '../outing-page';
import { readable } from '../readable';
import { SheetLink } from '@/ui/frame/sheet-link';
import { settingsScreenWords } from '@/words/screens/settings';

export const generateMetadata = titled('settings');
export const dynamic = 'force-dynamic';

/** Settings where there is no outing yet, such as in a cabin that takes in the book of another one. */
async function SettingsPage() {
  return (
    <Box as="main">
      <SettingsScreen
        {...await loadSettings(callersDatabase())}
        timeZone={Intl.DateTimeFormat().resolvedOptions().timeZone}
      />
      <Box px={{ base: '4', md: '8' }} pb="8">
        <SheetLink href="/">{settingsScreenWords.settingsScreen.back}</SheetLink>
      </Box>
    </Box>
  );
}

export default readable(SettingsPage);
