'use client';

import { useEffect, useRef, useState } from 'react';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { passAt, type PassTiming } from '@/core/iron';
import { ActionButton } from '@/ui/fields/action-button';
import { leaveAfterPointer } from '@/ui/fields/leave-pointer';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.paceGuide;

const Svg = chakra('svg');
const WIDTH = 600;
const MARGIN = 20;
const LANE = WIDTH - 2 * MARGIN;
const TICK_HZ = 1200;
const TICK_S = 0.03;
/** A rest at the tail while the iron goes back to the tip, s. */
const PAUSE_S = 2;

function tick(audio: AudioContext): void {
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  tone.frequency.value = TICK_HZ;
  volume.gain.value = 0.15;
  tone.connect(volume).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + TICK_S);
}

/** Passes of sheets from before each had a pace of its own. */
export const evenPasses = (passS: number, passes: number): PassTiming[] =>
  Array.from({ length: passes }, () => ({ passS, restS: PAUSE_S }));

/** A bead that travels from tip to tail in the computed seconds, pass by pass: keep the iron with it. */
export function PaceGuide({ timings }: { timings: readonly PassTiming[] }) {
  const [startedMs, setStartedMs] = useState<number>();
  const [seconds, setSeconds] = useState(0);
  const [isLoud, setIsLoud] = useState(false);
  const audio = useRef<AudioContext>(undefined);
  const lastTick = useRef(-1);
  const passes = timings.length;
  const lastS = timings.at(-1)!.passS;
  const allS = timings.slice(0, -1).reduce((sum, one) => sum + one.passS + one.restS, lastS);
  useEffect(() => {
    if (startedMs === undefined) return undefined;
    let frame = 0;
    const move = (nowMs: number) => {
      const passed = Math.max(0, (nowMs - startedMs) / 1000);
      setSeconds(passed);
      const whole = Math.floor(passed);
      const { inPassS, passS } = passAt(timings, passed);
      if (isLoud && inPassS <= passS && whole !== lastTick.current) {
        lastTick.current = whole;
        audio.current ??= new AudioContext();
        tick(audio.current);
      }
      if (passed < allS) frame = requestAnimationFrame(move);
      else setStartedMs(undefined);
    };
    frame = requestAnimationFrame(move);
    return () => cancelAnimationFrame(frame);
  }, [startedMs, timings, allS, isLoud]);
  const { pass, inPassS, passS } = passAt(timings, seconds);
  const share = Math.min(1, inPassS / passS);
  const isBack = inPassS > passS && startedMs !== undefined;
  const { restS } = timings[pass]!;
  const restAfter = pass < passes - 1 && restS > 0 ? WORDS.thenRest(restS) : '';
  return (
    <Box my="4">
      <Svg
        viewBox={`0 0 ${WIDTH} 62`}
        w="100%"
        maxW="720px"
        role="img"
        color="ink"
        aria-label={WORDS.paceLabel(passS, pass + 1, passes)}
      >
        <line
          x1={MARGIN}
          x2={WIDTH - MARGIN}
          y1="26"
          y2="26"
          stroke="currentColor"
          strokeWidth="3"
        />
        <text x={MARGIN} y="60" fontSize="16" fill="currentColor">
          {WORDS.tip}
        </text>
        <text x={WIDTH - MARGIN} y="60" fontSize="16" textAnchor="end" fill="currentColor">
          {WORDS.tail}
        </text>
        <Box asChild color={isBack ? 'faint' : 'action'}>
          <circle cx={MARGIN + LANE * share} cy="26" r="14" fill="currentColor" />
        </Box>
      </Svg>
      <Flex gap="4" align="center" wrap="wrap">
        <ActionButton
          quiet
          onClick={(event) => {
            leaveAfterPointer(event);
            lastTick.current = -1;
            setSeconds(0);
            setStartedMs(performance.now());
          }}
        >
          {startedMs === undefined ? WORDS.startTheBead : WORDS.fromTheTipAgain}
        </ActionButton>
        <ActionButton
          quiet
          aria-pressed={isLoud}
          onClick={(event) => {
            leaveAfterPointer(event);
            setIsLoud(!isLoud);
          }}
        >
          {isLoud ? WORDS.tickIsOn : WORDS.tickIsOff}
        </ActionButton>
        <Text textStyle="strong" aria-live="off">
          {WORDS.passOf(pass + 1, passes, isBack ? WORDS.backToTheTip : restAfter)}
        </Text>
      </Flex>
    </Box>
  );
}
