'use client';

import { useState } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { readGates, type GatedRun, type Pulse } from '@/core/instruments';
import { wallMs } from '@/core/time';
import { STAND_IN_SPEED } from '@/formats/instruments/instrument';
import { readInstrumentLine } from '@/formats/instruments/lines';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { Disclosure } from '@/ui/frame/disclosure';
import { useInstrument } from '@/ui/instruments/use-instrument';
import { glideWords } from '@/words/areas/glide';
import { testScreenWords } from '@/words/screens/test';
import { shownValue } from './glide-words';
import { pretendedGates } from './stand-in-gates';

const WORDS = testScreenWords.gates;
const HUNDREDTHS = 100;
const GATES: readonly Pulse['gate'][] = ['start', 'finish'];

interface GatesReaderProps {
  /** What the stand-ins pretend a run to take, s. */
  aboutS: number;
  onRead: (seconds: number) => void;
}

/** Reads the timing gates for the next run; what they miss is said, and the keys stay open for typing. */
export function GatesReader({ aboutS, onRead }: GatesReaderProps) {
  const { say } = useWords();
  const [run, setRun] = useState<GatedRun>();
  const { isReading, read, stop } = useInstrument();
  const start = async () => {
    setRun(undefined);
    const pulses: Pulse[] = [];
    const isOver = await read(pretendedGates(aboutS, wallMs()), (text) => {
      const line = readInstrumentLine(text);
      const gate = line?.kind === 'gate' ? GATES[line.values[0]! - 1] : undefined;
      if (gate) pulses.push({ gate, seconds: line!.values[1]! });
    });
    if (!isOver) return;
    const gated = readGates(pulses);
    setRun(gated);
    if (gated.seconds !== undefined) onRead(Math.round(HUNDREDTHS * gated.seconds) / HUNDREDTHS);
  };
  return (
    <Disclosure mt="3" title={WORDS.title}>
      <Box pl="4" borderLeftWidth="2px" borderColor="rule">
        <Text textStyle="small" color="faint" mb="2">
          {WORDS.standIns(STAND_IN_SPEED)}
        </Text>
        <ActionButton quiet onClick={() => (isReading ? stop() : void start())}>
          {isReading ? WORDS.stop : WORDS.start}
        </ActionButton>
        <Box aria-live="polite" data-testid="gates">
          {isReading && <Text textStyle="body">{WORDS.waiting}</Text>}
          {run?.seconds !== undefined && (
            <Text textStyle="strong">{WORDS.read(shownValue('seconds', run.seconds))}</Text>
          )}
          {run?.notes.map((note, k) => (
            <Text key={k} textStyle="body">
              {say(glideWords.GATES, note)}
            </Text>
          ))}
          {run && run.seconds === undefined && <Text textStyle="body">{WORDS.none}</Text>}
        </Box>
      </Box>
    </Disclosure>
  );
}
