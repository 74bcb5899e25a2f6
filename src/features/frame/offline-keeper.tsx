'use client';

import { useEffect } from 'react';
import { linkState } from '@/ui/live/link-state';
import { keepOuting } from './keep-pages';

const PROGRAM = '/sw.js';
/** The page is in use first. */
const LATER_MS = 4000;

/** On this machine itself the server is always in reach; elsewhere only https may keep pages. */
const canKeep = () => 'serviceWorker' in navigator && window.location.protocol === 'https:';

/** A newer keeper of pages takes over where this page is of the newer app too; an older page goes on with its own. */
function takeOver({ waiting }: ServiceWorkerRegistration): void {
  if (!linkState.get().isNewer) waiting?.postMessage('take-over');
}

/** Makes this device able to work without the server: registers the program that keeps pages, and keeps the outing's. */
export function OfflineKeeper({ outingId }: { outingId: string }) {
  useEffect(() => {
    if (!canKeep()) return undefined;
    let isHere = true;
    const begin = async () => {
      try {
        const registration = await navigator.serviceWorker.register(PROGRAM);
        const look = () => takeOver(registration);
        look();
        registration.addEventListener('updatefound', () =>
          registration.installing?.addEventListener('statechange', look),
        );
        await navigator.serviceWorker.ready;
        await keepOuting(outingId, () => isHere);
      } catch {
        // Out of reach, or refused: the device works as long as the server answers.
      }
    };
    const timer = setTimeout(() => void begin(), LATER_MS);
    return () => {
      isHere = false;
      clearTimeout(timer);
    };
  }, [outingId]);
  return null;
}
