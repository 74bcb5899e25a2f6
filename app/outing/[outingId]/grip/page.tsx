import { GripScreen } from '@/features/grip/grip-screen';
import { loadGrip } from '@/features/grip/use-cases/load-grip';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('grip');

export default outingPage(async ({ db, outing, query }) => {
  const view = await loadGrip(db, outing, query.ski);
  return <GripScreen key={view.pair?.id} outing={outing} view={view} />;
});
