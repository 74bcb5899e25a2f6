'use client';

import { useEffect, useRef, useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { fitSettling, surfaceFromInfrared, type ProbeSample } from '@/core/instruments';
import { readInstrumentLine } from '@/formats/instruments/lines';
import { ActionButton } from '@/ui/fields/action-button';
import { temperature, temperatureWithSpread } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import type { ReadingDraft } from '../use-reading-form';
import {
  pretendedHygrometer,
  pretendedInfrared,
  pretendedProbe,
  STAND_IN_SPEED,
  type PretendedSnow,
} from './stand-in-instruments';

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
  const { samples, isReading, start, stop } = useProbe(snow);
  const fit = fitSettling(samples);
  const last = samples.at(-1);
  const use = () => {
    stop();
    if (!fit) return;
    const temperatureC = Number(Math.min(0, fit.finalC).toFixed(1));
    const temperatureSdC = Number(Math.hypot(fit.sdC, COURSE_SD_C).toFixed(1));
    onRead({ temperatureC, temperatureSdC, source: 'probe' });
  };
  const shoot = async () => {
    const [read, emissivity] = await oneLine(pretendedInfrared(snow, Date.now()));
    if (read === undefined || emissivity === undefined) return;
    const surfaceC = surfaceFromInfrared(read, emissivity, snow.airC - SKY_BELOW_AIR_C);
    onRead({
      temperatureC: Number(surfaceC.toFixed(1)),
      temperatureSdC: INFRARED_SD_C,
      source: 'infrared',
    });
  };
  const smell = async () => {
    const [percent] = await oneLine(pretendedHygrometer(snow, Date.now()));
    if (percent !== undefined) onRead({ humidityFraction: Math.round(percent) / 100 });
  };
  return (
    <Box as="details" mt="3">
      <Box as="summary" minH="target" cursor="pointer" textStyle="body" py="2">
        Read the instruments
      </Box>
      <Box pl="4" borderLeftWidth="2px" borderColor="rule">
        <Text textStyle="small" color="faint" mb="2">
          Stand-ins that ship with the app; the probe runs {STAND_IN_SPEED} times as fast as a real
          one.
        </Text>
        <Flex gap="3" wrap="wrap">
          <ActionButton quiet onClick={isReading ? stop : start}>
            {isReading ? 'Stop the probe' : 'Put the probe in'}
          </ActionButton>
          <ActionButton quiet onClick={() => void shoot()}>
            Infra-red gun
          </ActionButton>
          <ActionButton quiet onClick={() => void smell()}>
            Hygrometer
          </ActionButton>
        </Flex>
        {last && (
          <Box mt="3" aria-live="polite" data-testid="probe">
            <Text textStyle="title">{temperature(last.temperatureC, units)}</Text>
            <Text textStyle="body">
              {fit?.isSettled
                ? `Settled at ${temperatureWithSpread(fit.finalC, fit.sdC, units)}, you may pull it.`
                : fit
                  ? `Going to about ${temperatureWithSpread(fit.finalC, fit.sdC, units)}; wait.`
                  : 'Too early to tell; wait.'}
            </Text>
            {fit?.isSettled && (
              <ActionButton mt="2" onClick={use}>
                Use it
              </ActionButton>
            )}
          </Box>
        )}
      </Box>
    </Box>
  );
}

async function oneLine(instrument: { lines: (signal: AbortSignal) => AsyncIterable<string> }) {
  for await (const line of instrument.lines(new AbortController().signal)) {
    return readInstrumentLine(line)?.values ?? [];
  }
  return [];
}

function useProbe(snow: PretendedSnow) {
  const [samples, setSamples] = useState<ProbeSample[]>([]);
  const [isReading, setIsReading] = useState(false);
  const abort = useRef<AbortController>(undefined);
  useEffect(() => () => abort.current?.abort(), []);
  const stop = () => {
    abort.current?.abort();
    setIsReading(false);
  };
  const start = () => {
    abort.current?.abort();
    const controller = new AbortController();
    abort.current = controller;
    setSamples([]);
    setIsReading(true);
    void (async () => {
      for await (const text of pretendedProbe(snow, Date.now()).lines(controller.signal)) {
        if (controller.signal.aborted) return;
        const line = readInstrumentLine(text);
        if (line?.kind !== 'probe') continue;
        const [seconds = NaN, temperatureC = NaN] = line.values;
        setSamples((before) => [...before, { seconds, temperatureC }]);
      }
    })();
  };
  return { samples, isReading, start, stop };
}
