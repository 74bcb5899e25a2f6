'use client';

import { useState, useSyncExternalStore } from 'react';
import { EMPTY, outbox, type OutboxState } from './outbox';
import type { OutboxEntry } from './outbox-store';

/** What waits on this device. */
export const useOutbox = (): OutboxState =>
  useSyncExternalStore(outbox.subscribe, outbox.get, () => EMPTY);

/**
 * What was sent since the page brought `page`: what it has from the server. It does not know of these yet; of those
 * before it does, and what was done to them since.
 */
export function useSentSince(page: unknown): readonly OutboxEntry[] {
  const { sent } = useOutbox();
  const [seen, setSeen] = useState({ page, count: sent.length });
  if (seen.page !== page) setSeen({ page, count: sent.length });
  return seen.page === page ? sent.slice(seen.count) : [];
}
