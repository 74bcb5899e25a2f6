import type { ReactNode } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { OfflineKeeper } from './offline-keeper';
import { LinkLine } from '@/ui/outbox/link-line';
import { LivePage } from '@/ui/live/live-page';
import type { SeenLive } from '@/ui/live/use-live';
import { SkipLink } from '@/ui/frame/skip-link';
import { DayRail } from './day-rail';
import type { FrameData } from './load-frame';
import { OverLine } from './over-line';
import { Rack } from './rack';
import { Shortcuts } from './shortcuts';
import { SnowLine } from './snow-line';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.frame;

/** The frame of every screen of an outing: Snow line, Day rail, the work. */
export function Frame(props: {
  data: FrameData;
  serverNowMs: number;
  atStart: ReactNode;
  /** What was changed how often, as this page was made. */
  live: SeenLive;
  children: ReactNode;
}) {
  const { data, serverNowMs, atStart, live, children } = props;
  return (
    <>
      <SkipLink to="work">{WORDS.skipToTheWork}</SkipLink>
      <SnowLine frame={data} serverNowMs={serverNowMs} atStart={atStart} />
      <LinkLine looksOnly={data.looksOnly} />
      <OfflineKeeper outingId={data.outing.id} />
      <Flex align="flex-start">
        <DayRail frame={data} serverNowMs={serverNowMs} />
        <Box
          as="main"
          id="work"
          tabIndex={-1}
          outline="none"
          flex="1"
          minW="0"
          pb={{ base: '36', md: '28' }}
        >
          <OverLine outing={data.outing} endMs={data.endMs} serverNowMs={serverNowMs} />
          {children}
        </Box>
      </Flex>
      <Rack timers={data.timers} serverNowMs={serverNowMs} />
      <LivePage page={live} />
      <Shortcuts outingId={data.outing.id} />
    </>
  );
}
