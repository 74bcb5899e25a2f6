'use client';

import { useState } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { WAXABLE, type SeeAnswer } from '@/core/practice/see-drill';
import { REPAIR_ORDER } from '@/core/ski';
import { FINDING_KINDS } from '@/core/terms';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { termsWords } from '@/words/areas/terms';
import { drillsScreenWords } from '@/words/screens/drills';
import { BasePicture } from './base-picture';
import { AnswerButton } from './answer-button';
import type { Answering } from './use-drill';
import type { Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.see;

interface SeeDrillProps {
  shown: Situations['see'];
  answering: Answering;
  isMarked: boolean;
}

/** A base with marks: what it is, what comes first, whether it can be waxed. */
export function SeeDrill({ shown, answering, isMarked }: SeeDrillProps) {
  const [draft, setDraft] = useState<Partial<SeeAnswer>>({});
  const set = (change: Partial<SeeAnswer>) => !isMarked && setDraft({ ...draft, ...change });
  const { kind, first, waxable } = draft;
  const isWhole = kind !== undefined && first !== undefined && waxable !== undefined;
  return (
    <Box maxW="760px">
      <BasePicture ski={shown.ski} findings={shown.findings} />
      <Flex direction="column" gap="4" mt="4">
        <ChoiceRow
          legend={WORDS.kind}
          name="kind"
          value={kind}
          onChange={(value) => set({ kind: value })}
          options={optionsOf(FINDING_KINDS, termsWords.FINDING_WORDS)}
          optionWidth="130px"
        />
        <ChoiceRow
          legend={WORDS.first}
          name="first"
          value={first}
          onChange={(value) => set({ first: value })}
          options={optionsOf(REPAIR_ORDER, WORDS.FIRST)}
          optionWidth="130px"
        />
        <ChoiceRow
          legend={WORDS.waxable}
          name="waxable"
          value={waxable}
          onChange={(value) => set({ waxable: value })}
          options={optionsOf(WAXABLE, WORDS.WAXABLE)}
        />
        {!isMarked && (
          <AnswerButton
            answering={answering}
            onAnswer={isWhole ? () => answering.answer({ kind, first, waxable }) : undefined}
          />
        )}
      </Flex>
    </Box>
  );
}
