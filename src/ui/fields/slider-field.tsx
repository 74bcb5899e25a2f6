'use client';

import { useId } from 'react';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';

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

const Range = chakra('input');

/** A slider with its value beside it; arrow keys move it. */
export function SliderField({ label, value, shown, min, max, step, onChange }: SliderFieldProps) {
  const id = useId();
  return (
    <Box>
      <Flex justify="space-between" gap="3">
        <Text as="label" {...{ htmlFor: id }} textStyle="small" fontWeight="650">
          {label}
        </Text>
        <Text as="output" textStyle="small" whiteSpace="nowrap">
          {shown}
        </Text>
      </Flex>
      <Range
        id={id}
        type="range"
        min={min}
        max={max}
        step={step}
        value={value}
        aria-valuetext={shown}
        onChange={(event) => onChange(Number(event.target.value))}
        w="100%"
        h="target"
        m="0"
        accentColor="action"
        cursor="pointer"
      />
    </Box>
  );
}
