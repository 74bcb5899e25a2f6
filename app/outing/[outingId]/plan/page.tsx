import { PlanScreen } from '@/features/plan/plan-screen';
import { loadPlan } from '@/features/plan/use-cases/load-plan';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('plan');

export default outingPage(async ({ db, outing, nowMs }) => (
  <PlanScreen outing={outing} view={await loadPlan(db, outing, nowMs)} serverNowMs={nowMs} />
));
