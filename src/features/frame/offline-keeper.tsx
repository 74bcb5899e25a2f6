'use client';

import { useEffect, useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { uiScreenWords } from '@/words/screens/ui';
import { ActionButton } from '@/ui/fields/action-button';
import { keepOuting } from './keep-pages';

const WORDS = uiScreenWords.offline;
const PROGRAM = '/sw.js';
/** The page is in use first. */
const LATER_MS = 4000;

/** On this machine itself the server is always in reach; elsewhere only https may keep pages. */
const canKeep = () => 'serviceWorker' in navigator && window.location.protocol === 'https:';

/**
 * Makes this device able to work without the server: registers the program that keeps pages, keeps those of the outing,
 * and offers a newer program when one has come, so that nothing changes under somebody's hands.
 */
export function OfflineKeeper({ outingId }: { outingId: string }) {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  useEffect(() => {
    if (!canKeep()) return undefined;
    let isHere = true;
    const begin = async () => {
      try {
        const registration = await navigator.serviceWorker.register(PROGRAM);
        const offer = () => {
          // The first one takes over by itself; a later one is offered.
          if (isHere && registration.waiting && navigator.serviceWorker.controller) {
            setWaiting(registration.waiting);
          }
        };
        offer();
        registration.addEventListener('updatefound', () =>
          registration.installing?.addEventListener('statechange', offer),
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
  if (!waiting) return null;
  const takeOver = () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload());
    waiting.postMessage('take-over');
  };
  return (
    <Flex
      role="status"
      className="no-print"
      bg="sunk"
      px={{ base: '4', md: '6' }}
      columnGap="5"
      align="center"
      wrap="wrap"
    >
      <Text textStyle="body">{WORDS.newer}</Text>
      <ActionButton quiet onClick={takeOver}>
        {WORDS.load}
      </ActionButton>
    </Flex>
  );
}
