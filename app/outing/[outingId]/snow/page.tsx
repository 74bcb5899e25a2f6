import { SnowScreen } from '@/features/snow/snow-screen';
import { loadSnowScreen } from '@/features/snow/use-cases/load-snow';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('snow');

export default outingPage(async ({ db, outing, query, nowMs }) => {
  const shown = await loadSnowScreen(db, outing, nowMs);
  const key = query.correct ?? 'new';
  return <SnowScreen {...shown} key={key} correctedId={query.correct} serverNowMs={nowMs} />;
});
