'use client';

import { Box, Text } from '@chakra-ui/react';
import { HOUSE_LIMITS } from '@/core/wax';
import type { Outing, Reading } from '@/core/model';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { pickScreenWords } from '@/words/screens/pick';
import { renderedLines } from '@/words/rendered/choice';
import { HowPart } from './how-part';
import { OutingFactsForm } from './outing-facts-form';
import { SourceOfSnow } from './source-of-snow';
import type { PickState } from './use-pick';

const WORDS = pickScreenWords.pickScreen;
const MOST_OWN_K = HOUSE_LIMITS.ownMostC;

interface PickReasonsProps {
  state: PickState;
  outing: Outing;
  reading: Reading | undefined;
  path: string;
}

/** Under the answer: how to put it on, and why this temperature. */
export function PickReasons({ state, outing, reading, path }: PickReasonsProps) {
  const scales = useScales();
  const { write } = useWords();
  const { draft, set, problem } = state.form;
  const { choice } = state.answer;
  return (
    <>
      <Part title={WORDS.howToPutItOn}>
        <HowPart state={state} settingsHref={`${path}/settings`} />
      </Part>
      <Part title={WORDS.whyThisTemperature}>
        <SourceOfSnow state={state} reading={reading} outing={outing} />
        {choice ? (
          <LedgerTable
            lines={renderedLines(choice.lines, write)}
            equivalentTemperatureC={choice.equivalentTemperatureC}
          />
        ) : (
          <Text textStyle="body">{WORDS.fixFieldsForReasons}</Text>
        )}
        <Box mt="4" maxW="320px">
          <NumberField
            label={WORDS.yourOwnCorrection}
            hint={WORDS.correctionHint(write.difference(MOST_OWN_K, 0))}
            scale={scales.difference}
            step={0.5}
            value={draft.handCorrectionC}
            onChange={(handCorrectionC) => set({ handCorrectionC })}
            problem={problem('handCorrectionC')}
          />
        </Box>
      </Part>
      <Part title={WORDS.theOuting}>
        <OutingFactsForm
          facts={draft}
          timeZone={outing.venue.timeZone}
          problem={problem}
          onChange={set}
        />
      </Part>
    </>
  );
}
