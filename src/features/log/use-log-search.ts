'use client';

import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';

const SETTLE_MS = 300;

/** The words typed into the log's search; the address follows them, and with it the page of choices. */
export function useLogSearch(outingId: string, words: string) {
  const router = useRouter();
  const [search, setSearch] = useState(words);
  const path = (find: string, page?: number) => {
    const query = new URLSearchParams({
      ...(find ? { find } : {}),
      ...(page ? { page: String(page) } : {}),
    });
    return `/outing/${outingId}/log${query.size > 0 ? `?${query}` : ''}`;
  };
  const wanted = search.trim();
  const target = path(wanted);
  useEffect(() => {
    if (wanted === words) return undefined;
    const timer = setTimeout(() => router.replace(target, { scroll: false }), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [wanted, words, target, router]);
  return { search, setSearch, pagePath: (page: number) => path(words, page) };
}
