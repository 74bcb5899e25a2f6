import { PairScreen } from '@/features/devices/pair-screen';
import { lan } from '@/server/lan';
import { devicesScreenWords } from '@/words/screens/devices';

const WORDS = devicesScreenWords.pairScreen;

export const generateMetadata = () => ({ title: WORDS.title });
export const dynamic = 'force-dynamic';

interface PairPageProps {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const MOST = 60;
const one = (value: string | string[] | undefined): string =>
  typeof value === 'string' ? value.slice(0, MOST) : '';

/** All that a device sees which is not paired: it reads nothing from the database. */
export default async function PairPage({ searchParams }: PairPageProps) {
  const { code, key, name, no } = await searchParams;
  const why = one(no);
  return (
    <PairScreen
      code={one(code)}
      secret={one(key)}
      name={one(name)}
      no={why in WORDS.NO ? (why as keyof typeof WORDS.NO) : undefined}
      fingerprint={lan()?.fingerprint}
    />
  );
}
