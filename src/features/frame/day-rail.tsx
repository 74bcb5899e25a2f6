'use client';

import { useRef } from 'react';
import { usePathname } from 'next/navigation';
import NextLink from 'next/link';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import {
  Columns2,
  Droplets,
  Ellipsis,
  Flame,
  Footprints,
  LibraryBig,
  Mountain,
  NotebookPen,
  Settings,
  Snowflake,
  Wrench,
} from 'lucide-react';
import { span } from '@/ui/format/times';
import type { FrameData } from './load-frame';
import { useServerClock } from '@/ui/format/server-clock';

const TICK_MS = 20_000;

/** One screen of the day's order, with the key that opens it. */
export interface RailItem {
  path: string;
  name: string;
  key: string;
  icon: typeof Snowflake;
}

export const WORKING_ORDER: readonly RailItem[] = [
  { path: 'snow', name: 'Snow', key: 's', icon: Snowflake },
  { path: 'pick', name: 'Pick', key: 'p', icon: Droplets },
  { path: 'grip', name: 'Grip', key: 'g', icon: Footprints },
  { path: 'skis', name: 'Skis', key: 'k', icon: Columns2 },
  { path: 'bench', name: 'Bench', key: 'b', icon: Wrench },
  { path: 'log', name: 'Log', key: 'l', icon: NotebookPen },
];
export const BESIDE: readonly RailItem[] = [
  { path: 'venue', name: 'Venue', key: 'v', icon: Mountain },
  { path: 'shelf', name: 'Shelf', key: 'h', icon: LibraryBig },
  { path: 'iron', name: 'Iron', key: 'i', icon: Flame },
  { path: 'settings', name: 'Settings', key: 'e', icon: Settings },
];

const Anchor = chakra(NextLink);
const Details = chakra('details');
const Summary = chakra('summary');

/** What waits in each screen, in a word or two. */
function waiting(frame: FrameData, now: number): Record<string, string> {
  const { latest, choice } = frame;
  const isStale = latest !== undefined && choice !== undefined && choice.readingId !== latest.id;
  return {
    snow: latest ? `${span(now - Date.parse(latest.takenAt))} old` : 'measure',
    bench: frame.timers.length > 0 ? `${frame.timers.length} waiting` : '',
    pick: !latest ? '' : !choice ? 'choose' : isStale ? 'newer snow' : 'chosen',
  };
}

/** The Day rail: the working order at the left, or along the bottom where narrow. */
export function DayRail({ frame, serverNowMs }: { frame: FrameData; serverNowMs: number }) {
  const pathname = usePathname();
  const notes = waiting(frame, useServerClock(serverNowMs, TICK_MS));
  // Only classic skis carry a grip zone.
  const hasGrip = frame.outing.discipline === 'classic';
  const link = (item: RailItem) => {
    const href = `/outing/${frame.outing.id}/${item.path}`;
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
        minH={{ base: '14', md: '14' }}
        px={{ base: '1', md: '4' }}
        justifyContent={{ base: 'center', md: 'flex-start' }}
        borderLeftWidth={{ base: '0', md: '4px' }}
        borderTopWidth={{ base: '4px', md: '0' }}
        borderColor={isHere ? 'action' : 'transparent'}
        bg={isHere ? 'paper' : 'transparent'}
        _hover={{ bg: 'paper' }}
        color="ink"
      >
        <item.icon size={22} aria-hidden />
        <Box>
          <Text as="span" display="block" textStyle={{ base: 'small', md: 'strong' }}>
            {item.name}
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
      aria-label="Day rail"
      className="no-print"
      direction={{ base: 'row', md: 'column' }}
      w={{ base: '100%', md: '156px' }}
      flexShrink="0"
      bg="sunk"
      position={{ base: 'fixed', md: 'sticky' }}
      bottom={{ base: '0', md: 'auto' }}
      top={{ md: '68px' }}
      h={{ md: 'calc(100vh - 68px)' }}
      overflowX={{ base: 'auto', md: 'visible' }}
      zIndex="9"
      borderTopWidth={{ base: '1px', md: '0' }}
      borderColor="rule"
      pt={{ md: '3' }}
    >
      {WORKING_ORDER.filter(({ path }) => path !== 'grip' || hasGrip).map(link)}
      <Box
        display={{ base: 'none', md: 'block' }}
        borderTopWidth="1px"
        borderColor="edge"
        mx="4"
        my="3"
      />
      <Box display={{ base: 'none', md: 'contents' }}>{BESIDE.map(link)}</Box>
      <More isHere={BESIDE.some((item) => pathname === `/outing/${frame.outing.id}/${item.path}`)}>
        {BESIDE.map(link)}
      </More>
      <Text
        display={{ base: 'none', md: 'block' }}
        textStyle="small"
        color="faint"
        mt="auto"
        px="4"
        pb="3"
      >
        Press ? for keys
      </Text>
    </Flex>
  );
}

/** The screens beside the working order, where the rail is a bar at the bottom. */
function More({ isHere, children }: { isHere: boolean; children: React.ReactNode }) {
  const details = useRef<HTMLDetailsElement>(null);
  return (
    <Details
      ref={details}
      display={{ base: 'block', md: 'none' }}
      flex="1 0 48px"
      onClick={(event) => {
        if ((event.target as HTMLElement).closest('a')) details.current?.removeAttribute('open');
      }}
    >
      <Summary
        display="flex"
        flexDirection="column"
        alignItems="center"
        justifyContent="center"
        minH="14"
        cursor="pointer"
        borderTopWidth="4px"
        borderColor={isHere ? 'action' : 'transparent'}
        textStyle="small"
        css={{ listStyle: 'none' }}
      >
        <Ellipsis size={22} aria-hidden />
        More
      </Summary>
      <Box
        position="fixed"
        right="0"
        bottom="57px"
        bg="sunk"
        borderWidth="1px"
        borderColor="rule"
        minW="160px"
        py="2"
      >
        {children}
      </Box>
    </Details>
  );
}
