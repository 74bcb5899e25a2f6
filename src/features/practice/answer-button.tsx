'use client';

import { useState } from 'react';
import { Box } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { drillsScreenWords } from '@/words/screens/drills';
import type { Answering } from './use-drill';

const WORDS = drillsScreenWords.drillFrame;

interface AnswerButtonProps {
  answering: Answering;
  /** Sends the answer; undefined while something of it is missing. */
  onAnswer: (() => Promise<void>) | undefined;
}

/** Sends an answer; while something is missing it says so. */
export function AnswerButton({ answering, onAnswer }: AnswerButtonProps) {
  const [isAsked, setIsAsked] = useState(false);
  return (
    <Box mt="4">
      <ActionButton
        loading={answering.isBusy}
        loadingText={WORDS.marking}
        onClick={() => {
          setIsAsked(true);
          void onAnswer?.();
        }}
      >
        {WORDS.answer}
      </ActionButton>
      <FieldProblemText problem={isAsked && !onAnswer ? WORDS.incomplete : undefined} />
    </Box>
  );
}
