import { IronScreen } from '@/features/iron/iron-screen';
import { loadIron } from '@/features/iron/use-cases/load-iron';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('iron');

export default outingPage(async ({ db, outing }) => (
  <IronScreen view={await loadIron(db, outing.id)} />
));
