import { Box } from '@chakra-ui/react';
import { callersDatabase } from '@/server/callers-database';
import { listOutings, nextOuting } from '@/data/outings';
import { askQuick } from '@/features/quick/quick-lab';
import { QuickScreen } from '@/features/quick/quick-screen';
import { quickFrom } from '@/formats/quick-address';
import { nowMs } from '@/server/clock';
import { readable } from '../readable';
import { quickScreenWords } from '@/words/screens/quick';

export const generateMetadata = () => ({ title: quickScreenWords.quickScreen.title });
export const dynamic = 'force-dynamic';

interface QuickPageProps {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

async function QuickPage({ searchParams }: QuickPageProps) {
  const first = quickFrom(await searchParams);
  const outing = nextOuting(await listOutings(callersDatabase()), nowMs());
  return (
    <Box as="main" pb={{ base: '16', lg: '0' }}>
      <QuickScreen
        first={first}
        firstAnswer={askQuick(first)}
        outing={outing && { id: outing.id, name: outing.name }}
      />
    </Box>
  );
}

export default readable(QuickPage);
