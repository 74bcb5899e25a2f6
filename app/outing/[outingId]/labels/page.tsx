import { headers } from 'next/headers';
import { callersDatabase } from '@/server/callers-database';
import { listSkis } from '@/data/skis';
import { LabelsSheet } from '@/features/skis/labels-sheet';
import { originOf, skiQr } from '@/server/qr';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdLabels;

export const generateMetadata = () => ({ title: WORDS.labels });

/** Labels a page: what prints on three sheets of paper. */
const A_PAGE = 60;

interface LabelsPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ page?: string | string[] }>;
}

async function LabelsPage({ params, searchParams }: LabelsPageProps) {
  const { outingId } = await params;
  const page = Math.max(1, Math.floor(Number((await searchParams).page)) || 1);
  const origin = originOf(await headers());
  const skis = await listSkis(callersDatabase());
  const labels = await Promise.all(
    skis
      .slice((page - 1) * A_PAGE, page * A_PAGE)
      .map(async (ski) => ({ ski, qr: await skiQr(origin, ski.id) })),
  );
  const path = `/outing/${outingId}`;
  return (
    <LabelsSheet
      labels={labels}
      back={`${path}/skis`}
      origin={origin}
      all={skis.length}
      next={page * A_PAGE < skis.length ? `${path}/labels?page=${page + 1}` : undefined}
    />
  );
}

export default readablePage(LabelsPage);
