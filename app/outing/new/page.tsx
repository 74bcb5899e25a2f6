import { Box } from '@chakra-ui/react';
import { database } from '@/data/database';
import { listOutings } from '@/data/outings';
import { listVenues } from '@/data/venues';
import { NewOutingScreen } from '@/features/outing/new-outing-screen';
import { quickFrom } from '@/formats/quick-address';
import { readable } from '@/server/readable';
import { words } from '@/words';

const WORDS = words.screens.pages.outingNew;

export const metadata = { title: WORDS.newOuting };
export const dynamic = 'force-dynamic';

interface NewOutingPageProps {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

async function NewOutingPage({ searchParams }: NewOutingPageProps) {
  const address = await searchParams;
  const { discipline, purpose } = quickFrom(address);
  const db = database();
  const [venues, outings] = await Promise.all([listVenues(db), listOutings(db)]);
  return (
    <Box as="main">
      <NewOutingScreen
        venues={venues}
        hasOutings={outings.length > 0}
        first={'on' in address ? { discipline, purpose } : undefined}
      />
    </Box>
  );
}

export default readable(NewOutingPage);
