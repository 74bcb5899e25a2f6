import { listChoices } from '@/data/choices';
import { WallSheet } from '@/features/pick/wall-sheet';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('wall');

export default outingPage(async ({ db, outing }) => {
  const [choice] = await listChoices(db, outing.id, 1);
  return <WallSheet outing={outing} choice={choice} />;
});
