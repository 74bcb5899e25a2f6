'use client';

import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { DomainError } from '@/core/errors';
import { mistakeWords } from '@/words/rendered/mistake';
import {
  FINGER_TESTS,
  guessBlock,
  NAIL_TESTS,
  type BlockGuess,
  type FingerTest,
  type NailTest,
} from '@/core/shelf';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { temperatureRange } from '@/words/quantities';
import { useUnits } from '@/ui/format/units-context';
import { Disclosure } from '@/ui/frame/disclosure';
import { shelfScreenWords } from '@/words/screens/shelf';

const WORDS = shelfScreenWords.blockGuess;

const nailWords = (): Record<NailTest, string> => ({
  smears: WORDS.itSmears,
  deep_groove: WORDS.deepGrooveNoEffort,
  groove: WORDS.grooveWithACurl,
  scratch: WORDS.scratchWithCrumbs,
  chalky_line: WORDS.chalkyLineOnly,
  no_mark: WORDS.hardlyAMark,
});
const fingerWords = (): Record<FingerTest, string> => ({
  sticks: WORDS.sticks,
  dents: WORDS.dents,
  greasy: WORDS.greasy,
  dry: WORDS.dry,
  glassy: WORDS.likeGlass,
});

function guess(nail: NailTest, finger: FingerTest | undefined): BlockGuess | string {
  try {
    return guessBlock(nail, finger);
  } catch (error) {
    if (error instanceof DomainError) return mistakeWords(error);
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
    <Disclosure mb="4" title={WORDS.withoutLabel}>
      <Flex direction="column" gap="4">
        <ChoiceRow
          legend={WORDS.aThumbnailDrawnOverIt}
          name="nail"
          optionWidth="130px"
          value={nail}
          onChange={setNail}
          options={optionsOf(NAIL_TESTS, nailWords())}
        />
        <ChoiceRow
          legend={WORDS.pressFinger}
          name="finger"
          optionWidth="100px"
          value={finger}
          onChange={setFinger}
          options={optionsOf(FINGER_TESTS, fingerWords())}
        />
        {typeof found === 'string' && <FieldProblemText problem={found} />}
        {typeof found === 'object' && (
          <Flex gap="4" align="center" wrap="wrap">
            <Text textStyle="body">
              {WORDS.hardnessAbout} <strong>{Math.round(found.hardness)}</strong>{' '}
              {WORDS.labelIt(
                Math.round(found.hardnessSd),
                temperatureRange(found.labelLowC, found.labelHighC, units),
              )}
            </Text>
            <ActionButton quiet onClick={() => onTake(found)}>
              {WORDS.takeTheseEnds}
            </ActionButton>
          </Flex>
        )}
      </Flex>
    </Disclosure>
  );
}
