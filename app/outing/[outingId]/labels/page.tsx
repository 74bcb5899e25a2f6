import { headers } from 'next/headers';
import { LabelsSheet } from '@/features/skis/labels-sheet';
import { loadLabels } from '@/features/skis/use-cases/load-labels';
import { originOf } from '@/server/qr';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('labels');

export default outingPage(async ({ db, outing, query }) => {
  const origin = originOf(await headers());
  return <LabelsSheet {...await loadLabels(db, { outing, origin, page: Number(query.page) })} />;
});
