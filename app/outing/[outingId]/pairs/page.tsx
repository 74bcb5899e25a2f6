import { PairsScreen } from '@/features/pairs/pairs-screen';
import { outingPairs } from '@/server/pairs';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('pairs');

export default outingPage(async ({ db, outing, nowMs }) => {
  const { day, rows } = await outingPairs(db, outing, nowMs);
  return <PairsScreen outing={outing} day={day} rows={rows} />;
});
