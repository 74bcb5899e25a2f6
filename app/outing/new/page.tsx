import { Box } from '@chakra-ui/react';
import { callersDatabase } from '@/server/callers-database';
import { listOutings } from '@/data/outings';
import { listVenues } from '@/data/venues';
import { NewOutingScreen } from '@/features/outing/new-outing-screen';
import type { FromQuick } from '@/features/outing/use-outing-form';
import { quickSnow } from '@/core/quick';
import { quickFrom } from '@/formats/quick-address';
import { titled } from '../../outing-page';
import { readable } from '../../readable';

export const generateMetadata = titled('newOuting');
export const dynamic = 'force-dynamic';

interface NewOutingPageProps {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** The snow and the purpose of a quick answer, from its address. */
function fromQuick(address: Record<string, string | string[] | undefined>): FromQuick {
  const input = quickFrom(address);
  const { discipline, purpose } = input;
  const source = input.by === 'air' ? ('guess' as const) : ('probe' as const);
  const snow = { ...quickSnow(input).snow, source };
  return { discipline, purpose, snow, then: address.then === 'pick' ? 'pick' : 'snow' };
}

async function NewOutingPage({ searchParams }: NewOutingPageProps) {
  const address = await searchParams;
  const db = callersDatabase();
  const [venues, outings] = await Promise.all([listVenues(db), listOutings(db)]);
  return (
    <Box as="main">
      <NewOutingScreen
        venues={venues}
        hasOutings={outings.length > 0}
        quick={'on' in address ? fromQuick(address) : undefined}
      />
    </Box>
  );
}

export default readable(NewOutingPage);
