'use client';

import { useEffect, useState } from 'react';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { passAt, type IronAnswer, type IronQuestion, type PassTiming } from '@/core/iron';
import { ActionButton } from '@/ui/fields/action-button';
import { ironScreenWords } from '@/words/screens/iron';
import { fixed } from '@/words/quantities';

const WORDS = ironScreenWords.sideView;

const Svg = chakra('svg');
const WIDTH = 600;
const MARGIN = 30;
const SKI_Y = 60;

interface SideViewProps {
  question: Pick<IronQuestion, 'ski' | 'iron'>;
  timings: readonly PassTiming[];
  answer: IronAnswer;
}

/** The ski from the side: the iron travels tip to tail at the true pace, with its film and trail behind it. */
export function SideView({ question, timings, answer }: SideViewProps) {
  const [startedMs, setStartedMs] = useState<number>();
  const [seconds, setSeconds] = useState(0);
  const { ski, iron } = question;
  const passes = timings.length;
  const allS = timings.reduce((sum, one) => sum + one.passS + one.restS, 0);
  useEffect(() => {
    if (startedMs === undefined) return undefined;
    let frame = 0;
    const tick = (nowMs: number) => {
      const passed = (nowMs - startedMs) / 1000;
      setSeconds(passed);
      if (passed < allS) frame = requestAnimationFrame(tick);
      else setStartedMs(undefined);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [startedMs, allS]);
  const { pass, inPassS, passS } = passAt(timings, seconds);
  const within = Math.min(1, inPassS / passS);
  const scale = (WIDTH - 2 * MARGIN) / ski.lengthM;
  const at = MARGIN + within * ski.lengthM * scale;
  const plate = iron.plateLengthM * scale;
  const trail = Math.min(at - MARGIN, answer.passes[pass]!.trailM * scale);
  const isOn = inPassS <= passS;
  return (
    <Box>
      <Svg
        viewBox={`0 0 ${WIDTH} 90`}
        w="100%"
        role="img"
        color="ink"
        aria-label={WORDS.sideViewLabel(pass + 1, fixed(answer.passes[pass]!.trailM * 100, 0))}
      >
        <path
          d={`M${MARGIN} ${SKI_Y - 10} Q${MARGIN + 20} ${SKI_Y} ${MARGIN + 60} ${SKI_Y} H${WIDTH - MARGIN - 20} L${WIDTH - MARGIN} ${SKI_Y - 4}`}
          fill="none"
          stroke="currentColor"
          strokeWidth="6"
          strokeLinecap="round"
        />
        {isOn && (
          <Box asChild color="action">
            <g>
              <line
                x1={at - trail}
                x2={at}
                y1={SKI_Y - 5}
                y2={SKI_Y - 5}
                stroke="currentColor"
                strokeWidth="4"
              />
              <rect x={at} y={SKI_Y - 24} width={plate} height="17" fill="currentColor" />
            </g>
          </Box>
        )}
      </Svg>
      <Flex gap="4" align="center">
        <ActionButton
          quiet
          onClick={() => {
            setSeconds(0);
            setStartedMs(performance.now());
          }}
        >
          {startedMs === undefined ? WORDS.runAtTrueSpeed : WORDS.fromTheStart}
        </ActionButton>
        <Text textStyle="small">{WORDS.passOf(pass + 1, passes)}</Text>
      </Flex>
    </Box>
  );
}
