'use client';

import { Flex, SimpleGrid } from '@chakra-ui/react';
import { QUICK } from '@/core/quick';
import { DAY_TIMES, DISCIPLINES, GRAINS, PURPOSES, SKIES, WETNESSES } from '@/core/terms';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import { termsWords } from '@/words/areas/terms';
import { quickScreenWords } from '@/words/screens/quick';
import type { QuickState } from './use-quick';

const WORDS = quickScreenWords.quickInputs;

const AIRS = ['dry', 'middling', 'humid'] as const;
const airWords = () => ({ dry: WORDS.dry, middling: WORDS.middling, humid: WORDS.humid });

/** Six inputs, each with something in it from the start: tap, or type one number. */
export function QuickInputs({ state: { draft, set } }: { state: QuickState }) {
  return (
    <Flex direction="column" gap="4">
      <ChoiceRow
        legend={WORDS.whatYouKnow}
        name="by"
        value={draft.by}
        onChange={(by) => set({ by })}
        options={[
          { value: 'snow', label: WORDS.snowMeasured },
          { value: 'air', label: WORDS.onlyTheAir },
        ]}
      />
      <Temperature draft={draft} set={set} />
      <ChoiceRow
        legend={WORDS.grain}
        name="grain"
        optionWidth="78px"
        value={draft.grain}
        onChange={(grain) => set({ grain })}
        options={GRAINS.map((grain) => ({
          value: grain,
          word: termsWords.GRAIN_WORDS[grain],
          label: (
            <>
              <GrainGlyph grain={grain} size={30} />
              <span>{termsWords.GRAIN_WORDS[grain]}</span>
            </>
          ),
        }))}
      />
      <ChoiceRow
        legend={WORDS.snowball}
        name="wetness"
        value={draft.wetness}
        onChange={(wetness) => set({ wetness })}
        options={WETNESSES.map((wetness) => ({
          value: wetness,
          label: termsWords.WETNESS_WORDS[wetness],
          detail: termsWords.SNOWBALL_WORDS[wetness],
        }))}
      />
      <ChoiceRow
        legend={WORDS.discipline}
        name="discipline"
        value={draft.discipline}
        onChange={(discipline) => set({ discipline })}
        options={optionsOf(DISCIPLINES, termsWords.DISCIPLINE_WORDS)}
      />
      <ChoiceRow
        legend={WORDS.purpose}
        name="purpose"
        value={draft.purpose}
        onChange={(purpose) => set({ purpose })}
        options={optionsOf(PURPOSES, termsWords.PURPOSE_WORDS)}
      />
    </Flex>
  );
}

/** The snow by a probe, or by air, sky and time of day; and the humidity of the air. */
function Temperature({ draft, set }: Pick<QuickState, 'draft' | 'set'>) {
  const scales = useScales();
  const felt = AIRS.find((air) => QUICK.humidityFraction[air] === draft.humidityFraction);
  return (
    <>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        {draft.by === 'snow' ? (
          <NumberField
            label={WORDS.snowTemperature}
            hint={WORDS.inTheShade}
            scale={scales.temperature}
            step={0.5}
            value={draft.snowC}
            onChange={(snowC) => set({ snowC })}
          />
        ) : (
          <NumberField
            label={WORDS.airTemperature}
            scale={scales.temperature}
            step={1}
            value={draft.airC}
            onChange={(airC) => set({ airC })}
          />
        )}
        <NumberField
          label={WORDS.humidity}
          scale={scales.humidity}
          step={5}
          decimals={0}
          value={draft.humidityFraction}
          onChange={(humidityFraction) => set({ humidityFraction })}
        />
      </SimpleGrid>
      <ChoiceRow
        legend={WORDS.air}
        name="air"
        value={felt}
        onChange={(air) => set({ humidityFraction: QUICK.humidityFraction[air] })}
        options={optionsOf(AIRS, airWords())}
      />
      {draft.by === 'air' && (
        <>
          <ChoiceRow
            legend={WORDS.sky}
            name="sky"
            value={draft.sky}
            onChange={(sky) => set({ sky })}
            options={optionsOf(SKIES, termsWords.SKY_WORDS)}
          />
          <ChoiceRow
            legend={WORDS.timeOfDay}
            name="day-time"
            value={draft.dayTime}
            onChange={(dayTime) => set({ dayTime })}
            options={optionsOf(DAY_TIMES, termsWords.DAY_TIME_WORDS)}
          />
        </>
      )}
    </>
  );
}
