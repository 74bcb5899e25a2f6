'use client';

import { Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { NO_NUDGE, type Nudge } from '@/core/choice';
import { ActionButton } from '@/ui/fields/action-button';
import { SliderField } from '@/ui/fields/slider-field';
import { differenceValue, signed, temperatureUnit } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';

interface WhatIfProps {
  nudge: Nudge;
  isNudged: boolean;
  onChange: (nudge: Nudge) => void;
}

const steps = (value: number) =>
  value === 0 ? 'as it is' : `${Math.abs(value)} ${value > 0 ? 'wetter' : 'drier'}`;

/** Moves any condition away from what is likely; the whole answer follows. */
export function WhatIf({ nudge, isNudged, onChange }: WhatIfProps) {
  const units = useUnits();
  const set = (change: Partial<Nudge>) => onChange({ ...nudge, ...change });
  return (
    <>
      <Text textStyle="small" color="faint" mb="2">
        Slide a condition: the answer at the top moves with it. Nothing here is saved.
      </Text>
      <SimpleGrid columns={{ base: 1, sm: 2 }} columnGap="6" rowGap="1">
        <SliderField
          label="Snow temperature"
          min={-6}
          max={6}
          step={0.5}
          value={nudge.temperatureK}
          shown={`${signed(differenceValue(nudge.temperatureK, units))} ${temperatureUnit(units)}`}
          onChange={(temperatureK) => set({ temperatureK })}
        />
        <SliderField
          label="Humidity"
          min={-0.4}
          max={0.4}
          step={0.05}
          value={nudge.humidity}
          shown={`${signed(nudge.humidity * 100, 0)} %`}
          onChange={(humidity) => set({ humidity })}
        />
        <SliderField
          label="Sharpness of the grain"
          min={-0.5}
          max={0.5}
          step={0.05}
          value={nudge.sharpness}
          shown={signed(nudge.sharpness, 2)}
          onChange={(sharpness) => set({ sharpness })}
        />
        <SliderField
          label="Wetness, steps of the snowball test"
          min={-2}
          max={4}
          step={1}
          value={nudge.wetnessSteps}
          shown={steps(nudge.wetnessSteps)}
          onChange={(wetnessSteps) => set({ wetnessSteps })}
        />
      </SimpleGrid>
      <Flex mt="1">
        <ActionButton quiet disabled={!isNudged} onClick={() => onChange(NO_NUDGE)}>
          Back to the day as it is
        </ActionButton>
      </Flex>
    </>
  );
}
