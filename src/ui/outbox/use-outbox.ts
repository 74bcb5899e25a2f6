'use client';

import { useSyncExternalStore } from 'react';
import { EMPTY, outbox, type OutboxState } from './outbox';

/** What waits on this device. */
export const useOutbox = (): OutboxState =>
  useSyncExternalStore(outbox.subscribe, outbox.get, () => EMPTY);
