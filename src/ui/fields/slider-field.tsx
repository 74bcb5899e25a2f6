'use client';

import { Flex, Slider } from '@chakra-ui/react';

/** Given, so that a page need not be laid out to measure it. */
const THUMB_PX = 28;
const THUMB_SIZE = { width: THUMB_PX, height: THUMB_PX };

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
      thumbSize={THUMB_SIZE}
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
        <Slider.Thumb
          index={0}
          boxSize={`${THUMB_PX}px`}
          bg="sheet"
          borderWidth="3px"
          borderColor="action"
        >
          <Slider.HiddenInput />
        </Slider.Thumb>
      </Slider.Control>
    </Slider.Root>
  );
}
