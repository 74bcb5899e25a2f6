'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { wallMs } from '@/core/time';
import { surfaceFromInfrared, UNREAD, withSample } from '@/core/instruments';
import { STAND_IN_SPEED, type Instrument } from '@/formats/instruments/instrument';
import { readInstrumentLine } from '@/formats/instruments/lines';
import { ActionButton } from '@/ui/fields/action-button';
import { temperature, temperatureWithSpread } from '@/words/quantities';
import { useUnits } from '@/ui/format/units-context';
import { Disclosure } from '@/ui/frame/disclosure';
import { useInstrument } from '@/ui/instruments/use-instrument';
import type { ReadingDraft } from '../use-reading-form';
import {
  pretendedHygrometer,
  pretendedInfrared,
  pretendedProbe,
  type PretendedSnow,
} from './stand-in-instruments';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.instrumentPanel;

interface InstrumentPanelProps {
  snow: PretendedSnow;
  onRead: (draft: ReadingDraft) => void;
}

/** Spread of one spot's probe over the course, and of an infra-red gun, °C. */
const COURSE_SD_C = 0.6;
const INFRARED_SD_C = 1.5;
const SKY_BELOW_AIR_C = 25;

/** Reads the instruments into the form; whatever fails, the fields above stay open for typing. */
export function InstrumentPanel({ snow, onRead }: InstrumentPanelProps) {
  const units = useUnits();
  const { samples, fit, isReading, start, stop } = useProbe(snow);
  const last = samples.at(-1);
  const use = () => {
    stop();
    if (!fit) return;
    const temperatureC = Number(Math.min(0, fit.finalC).toFixed(1));
    const temperatureSdC = Number(Math.hypot(fit.sdC, COURSE_SD_C).toFixed(1));
    onRead({ temperatureC, temperatureSdC, source: 'probe' });
  };
  const shoot = async () => {
    const [read, emissivity] = await oneLine(pretendedInfrared(snow, wallMs()));
    if (read === undefined || emissivity === undefined) return;
    const surfaceC = surfaceFromInfrared(read, emissivity, snow.airC - SKY_BELOW_AIR_C);
    onRead({
      temperatureC: Number(surfaceC.toFixed(1)),
      temperatureSdC: INFRARED_SD_C,
      source: 'infrared',
    });
  };
  const smell = async () => {
    const [percent] = await oneLine(pretendedHygrometer(snow, wallMs()));
    if (percent !== undefined) onRead({ humidityFraction: Math.round(percent) / 100 });
  };
  return (
    <Disclosure mt="3" title={WORDS.readTheInstruments}>
      <Box pl="4" borderLeftWidth="2px" borderColor="rule">
        <Text textStyle="small" color="faint" mb="2">
          {WORDS.standInsThatShipWith(STAND_IN_SPEED)}
        </Text>
        <Flex gap="3" wrap="wrap">
          <ActionButton quiet onClick={isReading ? stop : start}>
            {isReading ? WORDS.stopTheProbe : WORDS.putTheProbeIn}
          </ActionButton>
          <ActionButton quiet onClick={() => void shoot()}>
            {WORDS.infraRedGun}
          </ActionButton>
          <ActionButton quiet onClick={() => void smell()}>
            {WORDS.hygrometer}
          </ActionButton>
        </Flex>
        {last && (
          <Box mt="3" aria-live="polite" data-testid="probe">
            <Text textStyle="title">{temperature(last.temperatureC, units)}</Text>
            <Text textStyle="body">
              {fit?.isSettled
                ? WORDS.settledAt(temperatureWithSpread(fit.finalC, fit.sdC, units))
                : fit
                  ? WORDS.goingToAboutWait(temperatureWithSpread(fit.finalC, fit.sdC, units))
                  : WORDS.tooEarly}
            </Text>
            {fit?.isSettled && (
              <ActionButton mt="2" onClick={use}>
                {WORDS.useIt}
              </ActionButton>
            )}
          </Box>
        )}
      </Box>
    </Disclosure>
  );
}

async function oneLine(instrument: Instrument) {
  for await (const line of instrument.lines(new AbortController().signal)) {
    return readInstrumentLine(line)?.values ?? [];
  }
  return [];
}

function useProbe(snow: PretendedSnow) {
  const [reading, setReading] = useState(UNREAD);
  const { isReading, read, stop } = useInstrument();
  const start = () => {
    setReading(UNREAD);
    void read(pretendedProbe(snow, wallMs()), (text) => {
      const line = readInstrumentLine(text);
      if (line?.kind !== 'probe') return;
      const [seconds = NaN, temperatureC = NaN] = line.values;
      setReading((before) => withSample(before, { seconds, temperatureC }));
    });
  };
  return { ...reading, isReading, start, stop };
}
