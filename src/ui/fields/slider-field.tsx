'use client';

import { Flex, Slider } from '@chakra-ui/react';

interface SliderFieldProps {
  label: string;
  value: number;
  /** The value in words, with its unit. */
  shown: string;
  min: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
}

/** A slider with its value beside it; arrow keys move it. */
export function SliderField({ label, value, shown, min, max, step, onChange }: SliderFieldProps) {
  return (
    <Slider.Root
      min={min}
      max={max}
      step={step}
      value={[value]}
      onValueChange={(details) => onChange(details.value[0]!)}
      getAriaValueText={() => shown}
    >
      <Flex justify="space-between" gap="3">
        <Slider.Label textStyle="small" fontWeight="650">
          {label}
        </Slider.Label>
        <Slider.ValueText textStyle="small" whiteSpace="nowrap">
          {shown}
        </Slider.ValueText>
      </Flex>
      <Slider.Control h="target" cursor="pointer">
        <Slider.Track bg="rule" h="2">
          <Slider.Range bg="action" />
        </Slider.Track>
        <Slider.Thumb index={0} boxSize="7" bg="sheet" borderWidth="3px" borderColor="action">
          <Slider.HiddenInput />
        </Slider.Thumb>
      </Slider.Control>
    </Slider.Root>
  );
}
