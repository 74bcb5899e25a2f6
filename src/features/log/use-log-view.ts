'use client';

import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { pathOf, type LogView } from './log-view';

const SETTLE_MS = 300;

/** What the log is narrowed to: the address follows it, and with it the page of entries. */
export function useLogView(outingId: string, view: LogView) {
  const router = useRouter();
  const [search, setSearch] = useState(view.words);
  const wanted = search.trim();
  const target = pathOf(outingId, { ...view, words: wanted, page: 1 });
  useEffect(() => {
    if (wanted === view.words) return undefined;
    const timer = setTimeout(() => router.replace(target, { scroll: false }), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [wanted, view.words, target, router]);
  const narrow = (change: Partial<Pick<LogView, 'show' | 'isHere'>>) =>
    router.replace(pathOf(outingId, { ...view, words: wanted, ...change, page: 1 }), {
      scroll: false,
    });
  return { search, setSearch, narrow };
}
