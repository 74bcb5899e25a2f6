'use client';

import type { Choice, Outing, Reading } from '@/core/model';
import type { ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, NativeSelect, Text } from '@chakra-ui/react';
import { percent, probability, temperatureWithSpread } from '@/words/quantities';
import { roughSpan, span } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import type { FrameData } from './load-frame';
import { useServerClock } from '@/ui/format/server-clock';
import { termsWords } from '@/words/areas/terms';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.snowLine;

const TICK_MS = 20_000;

const NEW = 'new';

interface SnowLineProps {
  frame: FrameData;
  serverNowMs: number;
  /** The snow at the start: it may come later than the rest. */
  atStart: ReactNode;
}

/** The Snow line: outing, countdown, snow, choice. Everything below depends on it, so it never leaves. */
export function SnowLine({ frame, serverNowMs, atStart }: SnowLineProps) {
  const { outing, outings, latest, choice } = frame;
  const now = useServerClock(serverNowMs, TICK_MS);
  return (
    <Flex
      as="header"
      aria-label={WORDS.snowLine}
      bg="lineGround"
      color="lineInk"
      px={{ base: '4', md: '6' }}
      py="2"
      columnGap={{ base: '5', md: '8' }}
      rowGap="1"
      align="center"
      wrap={{ base: 'wrap', md: 'nowrap' }}
      position="sticky"
      top="0"
      zIndex="10"
      className="no-print"
    >
      <OutingSwitch outing={outing} outings={outings} />
      <Countdown frame={frame} now={now} />
      <SnowNow latest={latest} now={now} />
      {atStart}
      <Chosen choice={choice} />
    </Flex>
  );
}

function OutingSwitch({ outing, outings }: { outing: Outing; outings: readonly Outing[] }) {
  const router = useRouter();
  return (
    <Box minW="0" flex={{ base: '1 1 100%', md: '0 1 300px' }}>
      <NativeSelect.Root>
        <NativeSelect.Field
          aria-label={WORDS.outing}
          value={outing.id}
          onChange={(event) =>
            router.push(
              event.target.value === NEW ? '/outing/new' : `/outing/${event.target.value}/snow`,
            )
          }
          bg="transparent"
          color="lineInk"
          textStyle="strong"
          h="8"
          ps="1"
          border="0"
          css={{ '& option': { color: 'ink', background: 'paper' } }}
        >
          {outings.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
          <option value={NEW}>{WORDS.newOuting}</option>
        </NativeSelect.Field>
        <NativeSelect.Indicator color="lineInk" />
      </NativeSelect.Root>
      <Text textStyle="small" pl="1" truncate display={{ base: 'none', md: 'block' }}>
        {outing.venue.name}
      </Text>
    </Box>
  );
}

/** A figure with its label under it; where narrow, a word before it. */
export function LineItem(props: {
  label: React.ReactNode;
  short?: string;
  children: React.ReactNode;
}) {
  return (
    <Box minW="0">
      <Text textStyle="strong" whiteSpace="nowrap">
        {props.short && (
          <Text as="span" textStyle="small" mr="1" display={{ base: 'inline', md: 'none' }}>
            {props.short}
          </Text>
        )}
        {props.children}
      </Text>
      <Text textStyle="small" truncate display={{ base: 'none', md: 'block' }}>
        {props.label}
      </Text>
    </Box>
  );
}

function Countdown({ frame, now }: { frame: FrameData; now: number }) {
  const left = Date.parse(frame.outing.startAt) - now;
  return (
    <LineItem label={frame.startSaid}>
      {left > 0 ? WORDS.startIn(span(left)) : WORDS.startedAgo(roughSpan(left))}
    </LineItem>
  );
}

function SnowNow({ latest, now }: { latest: Reading | undefined; now: number }) {
  const units = useUnits();
  if (!latest) return <LineItem label={WORDS.snow}>{WORDS.noReadingYet}</LineItem>;
  const age = now - Date.parse(latest.takenAt);
  const how = latest.source === 'guess' ? WORDS.guessed : WORDS.measured;
  return (
    <Flex gap="3" align="center" minW="0">
      {latest.grain && (
        <Flex direction="column" align="center" display={{ base: 'none', xl: 'flex' }}>
          <GrainGlyph grain={latest.grain} size={26} />
          <Text textStyle="small">{termsWords.GRAIN_CODES[latest.grain]}</Text>
        </Flex>
      )}
      <LineItem
        short={WORDS.snow}
        label={WORDS.snowAir(
          how,
          age >= 0 ? WORDS.ago(roughSpan(age)) : WORDS.forIn(span(age)),
          percent(latest.humidityFraction),
        )}
      >
        <span data-testid="line-snow">
          {temperatureWithSpread(latest.temperatureC, latest.temperatureSdC, units)}
        </span>
      </LineItem>
    </Flex>
  );
}

function Chosen({ choice }: { choice: Choice | undefined }) {
  if (!choice) return <LineItem label={WORDS.choice}>{WORDS.noChoiceYet}</LineItem>;
  const ranked = choice.ranking.find((one) => one.id === choice.productId);
  return (
    <LineItem
      label={ranked ? WORDS.choiceBestWith(probability(ranked.probabilityBest)) : WORDS.choice}
    >
      <span data-testid="line-choice">{choice.productName}</span>
    </LineItem>
  );
}
