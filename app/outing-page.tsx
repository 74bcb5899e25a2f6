import type { ReactNode } from 'react';
import { notFound } from 'next/navigation';
import type { Outing } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { pagesScreenWords } from '@/words/screens/pages';
import { callersDatabase } from '@/server/callers-database';
import { nowMs } from '@/server/clock';
import { readablePage } from './readable';

interface PageProps {
  params: Promise<{ outingId: string } & Record<string, string>>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** What a page of an outing stands on. */
interface PageGround {
  db: FrostDatabase;
  outing: Outing;
  nowMs: number;
  params: Readonly<Record<string, string>>;
  /** What the address asks for; said twice, it is not said at all. */
  query: Readonly<Record<string, string | undefined>>;
}

/** A page of an outing that exists, under the frame. `show` gives undefined for what is not there. */
export const outingPage = (show: (ground: PageGround) => Promise<ReactNode | undefined>) =>
  readablePage(async ({ params, searchParams }: PageProps) => {
    const db = callersDatabase();
    const [asked, address] = await Promise.all([params, searchParams]);
    const outing = await findOuting(db, asked.outingId);
    if (!outing) notFound();
    const query = Object.fromEntries(
      Object.entries(address).map(([name, value]) => [
        name,
        typeof value === 'string' ? value : undefined,
      ]),
    );
    const shown = await show({ db, outing, nowMs: nowMs(), params: asked, query });
    if (shown === undefined) notFound();
    return shown;
  });

/** The metadata of a page: its title. */
export const titled = (name: keyof typeof pagesScreenWords.titles) => () => ({
  title: pagesScreenWords.titles[name],
});
