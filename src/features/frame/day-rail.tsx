'use client';

import { usePathname } from 'next/navigation';
import NextLink from 'next/link';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { screenHref } from '@/core/model/screens';
import { roughSpan } from '@/words/times';
import type { FrameData } from './load-frame';
import { More } from './more-screens';
import { BESIDE, nameOf, WORKING_ORDER, type RailItem } from './rail-items';
import { useServerClock } from '@/ui/format/server-clock';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.dayRail;

const TICK_MS = 20_000;

const Anchor = chakra(NextLink);

/** What waits in each screen, in a word or two. */
function waiting(frame: FrameData, now: number): Record<string, string> {
  const { latest, choice } = frame;
  const isStale = latest !== undefined && choice !== undefined && choice.readingId !== latest.id;
  return {
    snow: latest ? WORDS.old(roughSpan(now - Date.parse(latest.takenAt))) : WORDS.measure,
    bench: frame.timers.length > 0 ? WORDS.waiting(frame.timers.length) : '',
    pick: !latest ? '' : !choice ? WORDS.choose : isStale ? WORDS.newerSnow : WORDS.chosen,
  };
}

/** That the data are made up, and how to begin with one's own. */
const DemoLine = () => (
  <Text textStyle="small" color="faint" mb="2">
    {WORDS.demoData}
  </Text>
);

/** The Day rail: the working order at the left, or along the bottom where narrow. */
export function DayRail({ frame, serverNowMs }: { frame: FrameData; serverNowMs: number }) {
  const pathname = usePathname();
  const notes = waiting(frame, useServerClock(serverNowMs, TICK_MS));
  // Only classic skis carry a grip zone.
  const hasGrip = frame.outing.discipline === 'classic';
  const link = (item: RailItem) => {
    const href = screenHref(item.path, frame.outing.id);
    const isHere = pathname === href;
    return (
      <Anchor
        key={item.path}
        href={href}
        prefetch={false}
        aria-current={isHere ? 'page' : undefined}
        display="flex"
        flexDirection={{ base: 'column', md: 'row' }}
        alignItems="center"
        gap={{ base: '0', md: '3' }}
        flex={{ base: '1 0 48px', md: 'none' }}
        minH={{ base: '14', md: '11' }}
        px={{ base: '1', md: '4' }}
        justifyContent={{ base: 'center', md: 'flex-start' }}
        borderLeftWidth={{ base: '0', md: '4px' }}
        borderTopWidth={{ base: '4px', md: '0' }}
        borderColor={isHere ? 'action' : 'transparent'}
        bg={isHere ? 'paper' : 'transparent'}
        _hover={{ bg: 'paper' }}
        color="ink"
      >
        <Box flexShrink="0">
          <item.icon size={22} aria-hidden />
        </Box>
        <Box>
          <Text as="span" display="block" textStyle={{ base: 'small', md: 'strong' }}>
            {nameOf(item)}
          </Text>
          {notes[item.path] && (
            <Text as="span" display={{ base: 'none', md: 'block' }} textStyle="small" color="faint">
              {notes[item.path]}
            </Text>
          )}
        </Box>
      </Anchor>
    );
  };
  return (
    <Flex
      as="nav"
      aria-label={WORDS.dayRail}
      className="no-print"
      direction={{ base: 'row', md: 'column' }}
      // As wide as its longest word, in whatever language.
      w={{ base: '100%', md: 'max-content' }}
      minW={{ md: '156px' }}
      flexShrink="0"
      bg="sunk"
      position={{ base: 'fixed', md: 'sticky' }}
      bottom={{ base: '0', md: 'auto' }}
      top={{ md: '68px' }}
      h={{ md: 'calc(100vh - 68px)' }}
      overflowX={{ base: 'auto', md: 'hidden' }}
      overflowY={{ md: 'auto' }}
      zIndex="9"
      borderTopWidth={{ base: '1px', md: '0' }}
      borderColor="rule"
      pt={{ md: '1' }}
    >
      {WORKING_ORDER.filter(({ path }) => path !== 'grip' || hasGrip).map(link)}
      <Box
        display={{ base: 'none', md: 'block' }}
        borderTopWidth="1px"
        borderColor="edge"
        mx="4"
        my="1"
      />
      <Box display={{ base: 'none', md: 'contents' }}>{BESIDE.map(link)}</Box>
      <More isHere={BESIDE.some((item) => pathname === `/outing/${frame.outing.id}/${item.path}`)}>
        {BESIDE.map(link)}
        {frame.isDemo && (
          <Box px="3" py="2" maxW="160px">
            <DemoLine />
          </Box>
        )}
      </More>
      <Box display={{ base: 'none', md: 'block' }} mt="auto" px="4" pb="3" w="0" minW="100%">
        {frame.isDemo && <DemoLine />}
        <Text textStyle="small" color="faint">
          {WORDS.pressForKeys}
        </Text>
      </Box>
    </Flex>
  );
}
