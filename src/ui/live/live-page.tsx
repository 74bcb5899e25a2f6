'use client';

import { startTransition, useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { useOutbox, useSentSince } from '../outbox/use-outbox';
import { useLive, type SeenLive } from './use-live';

/** Fetches the page anew once all that waited on this device is with the server. */
function useAfterSending(): void {
  const router = useRouter();
  const { entries } = useOutbox();
  const [page] = useState({});
  const count = useSentSince(page).length;
  const isDone = !entries.some(({ why }) => why === undefined);
  useEffect(() => {
    if (count > 0 && isDone) startTransition(() => router.refresh());
  }, [count, isDone, router]);
}

/** Keeps a page in step with what others change; shows nothing itself. */
export function LivePage({ page, of }: { page: SeenLive; of?: readonly string[] }) {
  useLive(page, of && ((kind) => of.includes(kind)));
  useAfterSending();
  return null;
}
