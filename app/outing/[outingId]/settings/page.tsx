import { SettingsScreen } from '@/features/settings/settings-screen';
import { loadSettings } from '@/features/settings/use-cases/load-settings';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('settings');

export default outingPage(async ({ db, outing }) => (
  <SettingsScreen {...await loadSettings(db)} timeZone={outing.venue.timeZone} />
));
