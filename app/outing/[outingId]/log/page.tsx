import { LogScreen } from '@/features/log/log-screen';
import { viewOf } from '@/features/log/log-view';
import { loadLog } from '@/features/log/use-cases/load-log';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('log');

export default outingPage(async ({ db, outing, query, nowMs }) => (
  <LogScreen {...await loadLog(db, outing, { view: viewOf(query), nowMs })} />
));
