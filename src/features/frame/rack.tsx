'use client';

import type { KeptTimer } from '@/core/model';
import { useEffect } from 'react';
import NextLink from 'next/link';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { leftOf } from '@/core/bench';
import { Fold } from '@/ui/frame/fold';
import { useServerClock } from '@/ui/format/server-clock';
import { countdown, span } from '@/words/times';
import { useAlarm, useTimers } from './use-timers';
import { frameScreenWords } from '@/words/screens/frame';
import { termsWords } from '@/words/areas/terms';

const WORDS = frameScreenWords.rack;

const Tile = chakra(NextLink);

/** The Rack: every running wait as a tile, first what needs hands next. Nothing waits: it is not there. */
export function Rack({ timers, serverNowMs }: { timers: KeptTimer[]; serverNowMs: number }) {
  const heard = useTimers(timers, serverNowMs);
  const now = useServerClock(heard.nowMs);
  useAlarm(heard.timers, now);
  const [first] = heard.timers;
  const isThere = first !== undefined;
  useEffect(() => {
    // What is sticky at the bottom of a screen stands above the Rack.
    document.documentElement.style.setProperty('--rack-height', isThere ? '76px' : '0px');
    document.documentElement.style.setProperty('--rack-drawer', isThere ? '46px' : '0px');
  }, [isThere]);
  if (!first) return null;
  const over = heard.timers.filter((timer) => leftOf(timer, now) <= 0).length;
  const tiles = heard.timers.map((one) => <TimerTile key={one.jobId} timer={one} now={now} />);
  return (
    <Box
      as="section"
      aria-label={WORDS.rack}
      className="no-print"
      position="fixed"
      left="0"
      right="0"
      bottom={{ base: '57px', md: '0' }}
      bg="sheet"
      borderTopWidth="2px"
      borderColor="ink"
      zIndex="9"
    >
      <Flex display={{ base: 'none', md: 'flex' }} overflowX="auto">
        {tiles}
      </Flex>
      <Fold
        display={{ base: 'block', md: 'none' }}
        button={{
          w: '100%',
          minH: 'target',
          px: '4',
          py: '2',
          textStyle: 'small',
          textAlign: 'left',
        }}
        content={{ maxH: '50vh', overflowY: 'auto' }}
        title={
          <>
            <strong>{WORDS.waiting(heard.timers.length)}</strong>
            {WORDS.next(
              over > 0 ? WORDS.over(over) : '',
              first.skiName,
              leftOf(first, now) <= 0 ? WORDS.overNow : countdown(leftOf(first, now)),
            )}
          </>
        }
      >
        {tiles}
      </Fold>
    </Box>
  );
}

function TimerTile({ timer, now }: { timer: KeptTimer; now: number }) {
  const left = leftOf(timer, now);
  const isOver = left <= 0;
  return (
    <Tile
      href={`/outing/${timer.outingId}/bench?job=${timer.jobId}`}
      prefetch={false}
      data-testid="timer"
      data-due={timer.dueMs}
      display="block"
      px="4"
      py="2"
      minW="180px"
      borderRightWidth={{ base: '0', md: '1px' }}
      borderTopWidth="4px"
      borderTopColor={isOver ? 'danger' : 'transparent'}
      borderRightColor="rule"
      _hover={{ bg: 'sunk' }}
    >
      <Text textStyle="small" truncate>
        {timer.skiName}, {termsWords.inSentence(timer.title)}
      </Text>
      <Text textStyle="title" color={isOver ? 'danger' : 'ink'}>
        {isOver ? WORDS.overBy(span(left)) : countdown(left)}
      </Text>
    </Tile>
  );
}
