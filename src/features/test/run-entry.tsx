'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { KeptGlideTest } from '@/core/model';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberPad } from '@/ui/fields/number-pad';
import { SheetForm } from '@/ui/fields/sheet-form';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part } from '@/ui/frame/sheet';
import { testScreenWords } from '@/words/screens/test';
import { shownValue } from './glide-words';
import type { useRuns } from './use-runs';

/** What reads the gates comes after the page, into its place. */
const GatesReader = afterPage(
  () => import('./gates-reader').then((module) => module.GatesReader),
  room({ minH: '44px' }),
);

const WORDS = testScreenWords.runEntry;

const asIs = (value: number) => value;

interface RunEntryProps {
  test: KeptGlideTest;
  /** Whose turn it is. */
  next: string;
  runs: ReturnType<typeof useRuns>;
  /** What a run of the next ski takes, s, for the stand-in gates. */
  aboutS: number;
}

/** The next run: its ski, and its result by large keys. */
export function RunEntry({ test, next, runs, aboutS }: RunEntryProps) {
  const { measure, skis } = test;
  const [chosen, setChosen] = useState<string>();
  const [value, setValue] = useState<number>();
  const [isTried, setIsTried] = useState(false);
  const ski = chosen ?? next;
  const scale = { unit: testScreenWords.testScreen.unit[measure], toShown: asIs, toStored: asIs };
  const save = () => {
    if (value === undefined || !(value >= 0)) {
      setIsTried(true);
      return;
    }
    runs.add(ski, value);
    setValue(undefined);
    setChosen(undefined);
    setIsTried(false);
  };
  const late = runs.waiting.filter(({ why }) => why === undefined).length;
  return (
    <Part title={WORDS.title}>
      <SheetForm onSubmit={save} maxW="420px">
        <Text textStyle="title" data-testid="next-ski" mb="2">
          {WORDS.next(ski)}
        </Text>
        <ChoiceRow
          legend={WORDS.ski}
          name="ski"
          options={optionsOf(skis, Object.fromEntries(skis.map((one) => [one, one])))}
          value={ski}
          onChange={setChosen}
          optionWidth="120px"
        />
        <Box mt="3">
          <NumberPad
            label={WORDS.result[measure]}
            value={value}
            onChange={setValue}
            scale={scale}
            usual={1}
            isUnsigned
            done={{ label: WORDS.save, isBusy: false }}
            problem={isTried && value === undefined ? WORDS.enter : undefined}
          />
        </Box>
      </SheetForm>
      {measure === 'seconds' && <GatesReader aboutS={aboutS} onRead={setValue} />}
      {late > 0 && (
        <Text textStyle="body" role="status" mt="3">
          {WORDS.waiting(late)}
        </Text>
      )}
      {runs.waiting.map(
        ({ id, ski: of, value: result, why }) =>
          why !== undefined && (
            <Flex key={id} gap="3" align="center" wrap="wrap" mt="3" role="alert">
              <Text textStyle="body">
                {WORDS.refused(`${of}, ${shownValue(measure, result)}`, why)}
              </Text>
              <ActionButton quiet onClick={() => runs.again(id)}>
                {WORDS.tryAgain}
              </ActionButton>
              <ActionButton quiet onClick={() => runs.drop(id)}>
                {WORDS.drop}
              </ActionButton>
            </Flex>
          ),
      )}
    </Part>
  );
}
