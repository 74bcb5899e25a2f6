import { isSouthern } from '@/core/model';
import { SkisScreen } from '@/features/skis/skis-screen';
import { loadRack } from '@/features/skis/use-cases/load-skis';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('skis');

export default outingPage(async ({ db, outing, nowMs }) => (
  <SkisScreen outing={outing} rack={await loadRack(db, nowMs, isSouthern(outing.venue))} />
));
