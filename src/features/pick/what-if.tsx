'use client';

import { Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { NO_NUDGE, type Nudge } from '@/core/choice';
import { ActionButton } from '@/ui/fields/action-button';
import { SliderField } from '@/ui/fields/slider-field';
import { differenceValue, signed, temperatureUnit } from '@/words/quantities';
import { useUnits } from '@/ui/format/units-context';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.whatIf;

interface WhatIfProps {
  nudge: Nudge;
  isNudged: boolean;
  setNudge: (nudge: Nudge) => void;
}

const steps = (value: number) =>
  value === 0 ? WORDS.asItIs : value > 0 ? WORDS.wetter(value) : WORDS.drier(-value);

/** Moves any condition away from what is likely; the whole answer follows. */
export function WhatIf({ nudge, isNudged, setNudge }: WhatIfProps) {
  const units = useUnits();
  const set = (change: Partial<Nudge>) => setNudge({ ...nudge, ...change });
  return (
    <>
      <Text textStyle="small" color="faint" mb="2">
        {WORDS.slideAConditionTheAnswer}
      </Text>
      <SimpleGrid columns={{ base: 1, sm: 2 }} columnGap="6" rowGap="1">
        <SliderField
          label={WORDS.snowTemperature}
          min={-6}
          max={6}
          step={0.5}
          value={nudge.temperatureK}
          shown={`${signed(differenceValue(nudge.temperatureK, units))} ${temperatureUnit(units)}`}
          onChange={(temperatureK) => set({ temperatureK })}
        />
        <SliderField
          label={WORDS.humidity}
          min={-0.4}
          max={0.4}
          step={0.05}
          value={nudge.humidity}
          shown={`${signed(nudge.humidity * 100, 0)} %`}
          onChange={(humidity) => set({ humidity })}
        />
        <SliderField
          label={WORDS.sharpnessOfTheGrain}
          min={-0.5}
          max={0.5}
          step={0.05}
          value={nudge.sharpness}
          shown={signed(nudge.sharpness, 2)}
          onChange={(sharpness) => set({ sharpness })}
        />
        <SliderField
          label={WORDS.wetnessSteps}
          min={-2}
          max={4}
          step={1}
          value={nudge.wetnessSteps}
          shown={steps(nudge.wetnessSteps)}
          onChange={(wetnessSteps) => set({ wetnessSteps })}
        />
      </SimpleGrid>
      <Flex mt="1">
        <ActionButton quiet disabled={!isNudged} onClick={() => setNudge(NO_NUDGE)}>
          {WORDS.backToTheDayAs}
        </ActionButton>
      </Flex>
    </>
  );
}
