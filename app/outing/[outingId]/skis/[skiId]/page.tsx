import { headers } from 'next/headers';
import { isSouthern } from '@/core/model';
import { SkiScreen } from '@/features/skis/ski-screen';
import { loadSki } from '@/features/skis/use-cases/load-skis';
import { originOf, skiQr } from '@/server/qr';
import { outingPage, titled } from '../../../../outing-page';

export const generateMetadata = titled('ski');

export default outingPage(async ({ db, outing, nowMs, params }) => {
  const id = params.skiId!;
  const view = await loadSki(db, { id, nowMs, isSouthern: isSouthern(outing.venue) });
  if (!view) return undefined;
  const qr = await skiQr(originOf(await headers()), id);
  return <SkiScreen view={view} outingId={outing.id} timeZone={outing.venue.timeZone} qr={qr} />;
});
