'use client';

import { Flex, Text } from '@chakra-ui/react';
import type { Outing } from '@/core/model';
import { useServerClock } from '@/ui/format/server-clock';
import { SheetLink } from '@/ui/frame/sheet-link';
import { dayAndTime } from '@/words/times';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.overLine;

const TICK_MS = 60_000;

interface OverLineProps {
  outing: Outing;
  /** When its skis come off the snow, ms. */
  endMs: number;
  serverNowMs: number;
}

/** Once an outing is over its screens say so: what they show is no advice any more. */
export function OverLine({ outing, endMs, serverNowMs }: OverLineProps) {
  const now = useServerClock(serverNowMs, TICK_MS);
  if (now < endMs) return null;
  const end = dayAndTime(new Date(endMs).toISOString(), outing.venue.timeZone);
  return (
    <Flex
      role="status"
      className="no-print"
      bg="sunk"
      px={{ base: '4', md: '8' }}
      py="2"
      columnGap="5"
      align="center"
      wrap="wrap"
    >
      <Text textStyle="body">{WORDS.overSince(end)}</Text>
      <SheetLink href={`/outing/${outing.id}/log`}>{WORDS.howDidItGo}</SheetLink>
      <SheetLink href="/outing/new">{WORDS.newOuting}</SheetLink>
    </Flex>
  );
}
