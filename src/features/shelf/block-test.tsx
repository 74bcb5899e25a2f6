'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { DomainError } from '@/core/errors';
import {
  FINGER_TESTS,
  guessBlock,
  NAIL_TESTS,
  type BlockGuess,
  type FingerTest,
  type NailTest,
} from '@/core/shelf';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { temperatureRange } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';

const NAIL_WORDS: Record<NailTest, string> = {
  smears: 'It smears',
  deep_groove: 'Deep groove, no effort',
  groove: 'Groove with a curl',
  scratch: 'Scratch with crumbs',
  chalky_line: 'Chalky line only',
  no_mark: 'Hardly a mark',
};
const FINGER_WORDS: Record<FingerTest, string> = {
  sticks: 'Sticks',
  dents: 'Dents',
  greasy: 'Greasy',
  dry: 'Dry',
  glassy: 'Like glass',
};

function guess(nail: NailTest, finger: FingerTest | undefined): BlockGuess | string {
  try {
    return guessBlock(nail, finger);
  } catch (error) {
    if (error instanceof DomainError) return error.message;
    throw error;
  }
}

/** Hardness of a block without a label, from a nail and a finger at room warmth. */
export function BlockTest({ onTake }: { onTake: (guess: BlockGuess) => void }) {
  const units = useUnits();
  const [nail, setNail] = useState<NailTest>();
  const [finger, setFinger] = useState<FingerTest>();
  const found = nail && guess(nail, finger);
  return (
    <Box as="details" mb="4">
      <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
        No label? Try a nail and a finger
      </Box>
      <Flex direction="column" gap="4">
        <ChoiceRow
          legend="A thumbnail drawn over it, at room warmth"
          name="nail"
          optionWidth="130px"
          value={nail}
          onChange={setNail}
          options={NAIL_TESTS.map((value) => ({ value, label: NAIL_WORDS[value] }))}
        />
        <ChoiceRow
          legend="A finger pressed on it"
          name="finger"
          optionWidth="100px"
          value={finger}
          onChange={setFinger}
          options={FINGER_TESTS.map((value) => ({ value, label: FINGER_WORDS[value] }))}
        />
        {typeof found === 'string' && <FieldProblemText problem={found} />}
        {typeof found === 'object' && (
          <Flex gap="4" align="center" wrap="wrap">
            <Text textStyle="body">
              Hardness about <strong>{Math.round(found.hardness)}</strong> ±{' '}
              {Math.round(found.hardnessSd)}: label it{' '}
              {temperatureRange(found.labelLowC, found.labelHighC, units)}.
            </Text>
            <ActionButton quiet onClick={() => onTake(found)}>
              Take these ends
            </ActionButton>
          </Flex>
        )}
      </Flex>
    </Box>
  );
}
