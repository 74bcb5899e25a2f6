'use client';

import { useState } from 'react';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { DrillAnswers } from '@/core/practice';
import { GRAINS, WETNESSES } from '@/core/terms';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { SliderField } from '@/ui/fields/slider-field';
import { useWords } from '@/ui/format/use-words';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import { termsWords } from '@/words/areas/terms';
import { percent } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';
import type { Writer } from '@/words/write';
import { Lens } from './lens';
import { AnswerButton } from './answer-button';
import type { Answering } from './use-drill';
import type { Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.snow;
const COLDEST_C = -30;

/** What was seen, felt and heard, as lines. */
function linesOf(seen: Situations['snow']['seen'], write: Writer): string[] {
  const { fell } = seen;
  const night = WORDS.lowest(WORDS.NIGHT[seen.nightSky], write.temperature(seen.lowestC, 0));
  return [
    `${WORDS.day(write.temperature(seen.warmestC, 0))}, ${night}.`,
    fell.what === 'none' ? '' : WORDS.FELL[fell.what][fell.amount],
    WORDS.now(
      seen.hour,
      write.temperature(seen.nowC, 0),
      WORDS.MORNING[seen.morningSky],
      WORDS.WIND[seen.wind],
    ),
    WORDS.SURFACE[seen.surface],
    WORDS.ball(termsWords.SNOWBALL_WORDS[seen.ball]),
    WORDS.finger(WORDS.FINGER[seen.finger]),
    WORDS.SQUEAK[seen.squeak],
  ].filter((line) => line !== '');
}

interface SnowDrillProps {
  shown: Situations['snow'];
  answering: Answering;
  isMarked: boolean;
}

type Draft = Omit<DrillAnswers['snow'], 'grain' | 'wetness'> &
  Partial<Pick<DrillAnswers['snow'], 'grain' | 'wetness'>>;

/** A morning as it was seen: what snow lies there, and how sure one is. */
export function SnowDrill({ shown, answering, isMarked }: SnowDrillProps) {
  const { seen, lens } = shown;
  const { write } = useWords();
  const [draft, setDraft] = useState<Draft>({
    temperatureC: Math.max(COLDEST_C, Math.min(0, seen.nowC)),
    sdK: 3,
    grainSure: 0.6,
    wetnessSure: 0.6,
  });
  const set = (change: Partial<Draft>) => !isMarked && setDraft({ ...draft, ...change });
  const { grain, wetness } = draft;
  const isWhole = grain !== undefined && wetness !== undefined;
  return (
    <>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: '1fr 280px' }} gap="6" mb="5">
        <Box as="ul" listStyleType="none" p="0" m="0">
          {linesOf(seen, write).map((line) => (
            <Text as="li" key={line} textStyle="body" mb="1">
              {line}
            </Text>
          ))}
        </Box>
        <Lens view={lens} />
      </Grid>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10" rowGap="4">
        <Flex direction="column" gap="3">
          <SliderField
            label={WORDS.temperature}
            value={draft.temperatureC}
            shown={write.temperature(draft.temperatureC)}
            min={COLDEST_C}
            max={0}
            step={0.5}
            onChange={(temperatureC) => set({ temperatureC })}
          />
          <SliderField
            label={WORDS.spread}
            value={draft.sdK}
            shown={WORDS.spreadShown(write.difference(draft.sdK))}
            min={0.5}
            max={8}
            step={0.5}
            onChange={(sdK) => set({ sdK })}
          />
        </Flex>
        <Flex direction="column" gap="3">
          <ChoiceRow
            legend={WORDS.grain}
            name="grain"
            value={grain}
            onChange={(value) => set({ grain: value })}
            options={GRAINS.map((value) => ({
              value,
              word: termsWords.GRAIN_WORDS[value],
              label: (
                <Flex direction="column" align="center">
                  <GrainGlyph grain={value} />
                  <span>{termsWords.GRAIN_WORDS[value]}</span>
                </Flex>
              ),
            }))}
          />
          <SliderField
            label={WORDS.grainSure}
            value={draft.grainSure}
            shown={percent(draft.grainSure)}
            min={0.15}
            max={0.95}
            step={0.05}
            onChange={(grainSure) => set({ grainSure })}
          />
          <ChoiceRow
            legend={WORDS.wetness}
            name="wetness"
            value={wetness}
            onChange={(value) => set({ wetness: value })}
            options={optionsOf(WETNESSES, termsWords.WETNESS_WORDS)}
          />
          <SliderField
            label={WORDS.wetnessSure}
            value={draft.wetnessSure}
            shown={percent(draft.wetnessSure)}
            min={0.2}
            max={0.95}
            step={0.05}
            onChange={(wetnessSure) => set({ wetnessSure })}
          />
        </Flex>
      </Grid>
      {!isMarked && (
        <AnswerButton
          answering={answering}
          onAnswer={isWhole ? () => answering.answer({ ...draft, grain, wetness }) : undefined}
        />
      )}
    </>
  );
}
