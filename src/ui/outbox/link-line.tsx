'use client';

import { useSyncExternalStore } from 'react';
import NextLink from 'next/link';
import { Flex, Link as ChakraLink, Text } from '@chakra-ui/react';
import { uiScreenWords } from '../../words/screens/ui';
import { ActionButton } from '../fields/action-button';
import { linkState } from '../live/link-state';
import { useOutbox } from './use-outbox';

const WORDS = uiScreenWords.linkLine;

/** On the top line: a device that only looks, no connection, what waits on this device, what was sent, a newer app; nothing while all is well. */
export function LinkLine({ looksOnly = false }: { looksOnly?: boolean }) {
  const { state, isNewer } = useSyncExternalStore(
    linkState.subscribe,
    linkState.get,
    linkState.start,
  );
  const { entries, late, isTurnedAway } = useOutbox();
  const waiting = entries.filter(({ why }) => why === undefined).length;
  const refused = entries.length - waiting;
  const isLost = state === 'lost';
  const rendered = [
    looksOnly ? WORDS.looksOnly : undefined,
    isTurnedAway ? WORDS.turnedAway : isLost ? WORDS.lost : undefined,
    waiting > 0 ? WORDS.waiting(waiting) : undefined,
    refused > 0 ? WORDS.refused(refused) : undefined,
    !isLost && entries.length === 0 && late > 0 ? WORDS.sent(late) : undefined,
  ].filter((one) => one !== undefined);
  return (
    <Flex
      role="status"
      data-testid="link-line"
      className="no-print"
      bg={isLost || refused > 0 ? 'danger' : 'sunk'}
      color={isLost || refused > 0 ? 'paper' : 'ink'}
      px={{ base: '4', md: '6' }}
      py={rendered.length > 0 || isNewer ? '1' : '0'}
      columnGap="5"
      align="center"
      wrap="wrap"
    >
      {rendered.length > 0 && <Text textStyle="strong">{rendered.join(', ')}</Text>}
      {entries.length > 0 && (
        <ChakraLink asChild color="inherit" textDecoration="underline" minH="target">
          <NextLink href="/outbox" prefetch={false}>
            {WORDS.look}
          </NextLink>
        </ChakraLink>
      )}
      {isNewer && (
        <>
          <Text textStyle="body">{WORDS.newer}</Text>
          <ActionButton quiet onClick={() => window.location.reload()}>
            {WORDS.load}
          </ActionButton>
        </>
      )}
    </Flex>
  );
}
