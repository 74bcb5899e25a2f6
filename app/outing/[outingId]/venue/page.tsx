import { VenueScreen } from '@/features/venue/venue-screen';
import { loadVenue } from '@/features/venue/use-cases/load-venue';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('venue');

export default outingPage(async ({ db, outing, nowMs }) => (
  <VenueScreen key={outing.venue.id} {...await loadVenue(db, outing)} nowMs={nowMs} />
));
