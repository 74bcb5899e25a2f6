import { SeasonScreen } from '@/features/season/season-screen';
import { loadSeason } from '@/features/season/use-cases/load-season';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('season');

export default outingPage(async ({ db, outing }) => (
  <SeasonScreen outing={outing} view={await loadSeason(db, outing)} />
));
