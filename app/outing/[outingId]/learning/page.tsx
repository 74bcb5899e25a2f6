import { LearningScreen } from '@/features/learning/learning-screen';
import { loadLearningView } from '@/features/learning/use-cases/load-learning';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('learning');

export default outingPage(async ({ db, outing }) => (
  <LearningScreen outing={outing} view={await loadLearningView(db, outing)} />
));
