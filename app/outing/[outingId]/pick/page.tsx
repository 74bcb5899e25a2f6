import { PickScreen } from '@/features/pick/pick-screen';
import { loadPick } from '@/features/pick/use-cases/load-pick';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('pick');

export default outingPage(async ({ db, outing, nowMs }) => (
  <PickScreen {...await loadPick(db, outing)} serverNowMs={nowMs} />
));
