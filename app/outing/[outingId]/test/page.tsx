import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { listGlideRuns, listGlideTests } from '@/data/glide-tests';
import { listGripTests } from '@/data/grip-tests';
import { listProducts } from '@/data/products';
import { findOuting } from '@/data/outings';
import { TestScreen } from '@/features/glide/test-screen';
import type { ProductRole } from '@/core/terms';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdTest;

export const generateMetadata = () => ({ title: WORDS.test });

const GRIP_ROLES: readonly ProductRole[] = ['grip_stick', 'klister'];

interface TestPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ test?: string | string[] }>;
}

async function TestPage({ params, searchParams }: TestPageProps) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const asked = (await searchParams).test;
  const tests = await listGlideTests(db, outing.id);
  const test = tests.find(({ id }) => id === asked) ?? tests[0];
  const open = test && { test, runs: await listGlideRuns(db, test.id) };
  const waxes = (await listProducts(db, 'glide')).map(({ name }) => name);
  const grip =
    outing.discipline === 'classic'
      ? {
          tests: await listGripTests(db, outing.id),
          waxes: (await listProducts(db))
            .filter(({ role }) => GRIP_ROLES.includes(role))
            .map(({ name }) => name),
        }
      : undefined;
  return <TestScreen {...{ outing, tests, open, waxes, grip }} />;
}

export default readablePage(TestPage);
