'use client';

import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import type { IronAnswer, PassTiming } from '@/core/iron';
import { useScales } from '@/ui/fields/scales';
import { useUnits } from '@/ui/format/units-context';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Caution } from '@/ui/frame/sheet';
import { ironWords } from '@/words/areas/iron';
import { ironScreenWords } from '@/words/screens/iron';
import { fixed, differenceValue, temperature, temperatureUnit } from '@/words/quantities';
import { IronField } from './iron-field';
import type { IronState } from './use-iron';

const WORDS = ironScreenWords.ironScreen;

/** What a setting of one's own would give, beside the advice. */
export function OwnSetting({ state }: { state: IronState }) {
  const scales = useScales();
  const { result } = state;
  const isDone = 'question' in result;
  return (
    <>
      <SimpleGrid columns={{ base: 1, sm: 3 }} gap="4" mb="2">
        <IronField
          state={state}
          name="setC"
          label={WORDS.setTemperature}
          scale={scales.temperature}
          step={5}
        />
        <IronField
          state={state}
          name="passS"
          label={WORDS.secondsAPass}
          scale={scales.seconds}
          step={0.5}
          decimals={1}
        />
        <IronField state={state} name="passes" label={WORDS.passesTitle} scale={scales.fraction} />
      </SimpleGrid>
      {isDone && (
        <>
          <Warnings answer={result.own} />
          <PassTable answer={result.own} caption={WORDS.eachPassOfYours} />
        </>
      )}
    </>
  );
}

/** What goes wrong with these passes. */
export function Warnings({ answer }: { answer: IronAnswer }) {
  const { say } = useWords();
  return answer.warnings.map((warning) => (
    <Caution key={warning.code}>{say(ironWords.IRON_WARNING, warning)}</Caution>
  ));
}

/** Pass by pass, with the pace and the rest of each where they have their own. */
export function PassTable(props: {
  answer: IronAnswer;
  timings?: readonly PassTiming[];
  caption: string;
}) {
  const units = useUnits();
  const { answer, timings, caption } = props;
  const paced = timings
    ? [
        { title: WORDS.pace, isNumber: true },
        { title: WORDS.restAfter, isNumber: true },
      ]
    : [];
  return (
    <Box mt="3">
      <DataTable
        caption={caption}
        columns={[
          { title: WORDS.pass, isNumber: true },
          ...paced,
          { title: WORDS.trail, isNumber: true },
          { title: WORDS.baseAtMost, isNumber: true },
          { title: WORDS.plateSags, isNumber: true },
          ...(timings ? [] : [{ title: WORDS.heat, isNumber: true }]),
        ]}
        rows={answer.passes.map((one, i) => ({
          key: String(i),
          cells: [
            i + 1,
            ...(timings
              ? [WORDS.seconds(timings[i]!.passS), WORDS.seconds(timings[i]!.restS)]
              : []),
            WORDS.cm(fixed(one.trailM * 100, 1)),
            temperature(one.peakBaseC, units, 0),
            `${fixed(differenceValue(Math.max(0, one.plateStartC - one.plateEndC), units), 1)} ${temperatureUnit(units)}`,
            ...(timings ? [] : [WORDS.watts(Math.round(one.meanHeatW))]),
          ],
        }))}
      />
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.liquidForSInAll(
          fixed(answer.moltenTotalS, 1),
          Math.round(answer.uptakeFraction * 100),
        )}
      </Text>
    </Box>
  );
}
