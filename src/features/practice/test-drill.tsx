'use client';

import { useState } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { DataTable } from '@/ui/frame/data-table';
import { fixed } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';
import { AnswerButton } from './answer-button';
import type { Answering } from './use-drill';
import type { Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.test;
const says = () => WORDS.SAYS.map(({ saidA, label }) => ({ value: String(saidA), label }));

interface TestDrillProps {
  shown: Situations['test'];
  answering: Answering;
  isMarked: boolean;
}

/** Six times: is one faster, or is it not known yet? */
export function TestDrill({ shown, answering, isMarked }: TestDrillProps) {
  const [said, setSaid] = useState<string>();
  return (
    <Box maxW="560px">
      <Text textStyle="body" mb="3">
        {WORDS.how}
      </Text>
      <DataTable
        caption={WORDS.caption}
        columns={[
          { title: WORDS.run },
          { title: WORDS.ski },
          { title: WORDS.minute, isNumber: true },
          { title: WORDS.time, isNumber: true },
        ]}
        rows={shown.runs.map(({ minute, ski, value }, i) => ({
          key: String(i),
          cells: [i + 1, ski, minute, fixed(value, 2)],
        }))}
      />
      <Box mt="4">
        <ChoiceRow
          legend={WORDS.say}
          name="said"
          value={said}
          onChange={(value) => !isMarked && setSaid(value)}
          options={says()}
          optionWidth="100px"
        />
      </Box>
      {!isMarked && (
        <AnswerButton
          answering={answering}
          onAnswer={
            said === undefined ? undefined : () => answering.answer({ saidA: Number(said) })
          }
        />
      )}
    </Box>
  );
}
