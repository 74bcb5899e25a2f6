import { ShelfScreen } from '@/features/shelf/shelf-screen';
import { loadShelf } from '@/features/shelf/use-cases/load-shelf';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('shelf');

export default outingPage(async ({ db, outing, nowMs }) => (
  <ShelfScreen outing={outing} view={await loadShelf(db, outing, nowMs)} />
));
