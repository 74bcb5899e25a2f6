import { TestScreen } from '@/features/test/test-screen';
import { loadTests } from '@/features/test/use-cases/load-tests';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('test');

export default outingPage(async ({ db, outing, query }) => (
  <TestScreen {...await loadTests(db, outing, query.test)} />
));
