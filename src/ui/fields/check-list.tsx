'use client';

import { Box, Text, chakra } from '@chakra-ui/react';

interface CheckListProps<T extends string> {
  legend: string;
  options: readonly T[];
  words: Record<T, string>;
  checked: readonly T[];
  onChange: (checked: T[]) => void;
}

const Checkbox = chakra('input');

/** Any of a few, ticked. */
export function CheckList<T extends string>(props: CheckListProps<T>) {
  const { legend, options, words, checked, onChange } = props;
  const toggle = (option: T) =>
    onChange(
      checked.includes(option) ? checked.filter((one) => one !== option) : [...checked, option],
    );
  return (
    <Box as="fieldset" border="0" p="0" m="0">
      <Box as="legend" textStyle="small" fontWeight="650">
        {legend}
      </Box>
      {options.map((option) => (
        <Text
          as="label"
          key={option}
          display="inline-flex"
          alignItems="center"
          gap="2"
          mr="4"
          minH="target"
          textStyle="small"
        >
          <Checkbox
            type="checkbox"
            w="5"
            h="5"
            accentColor="action"
            checked={checked.includes(option)}
            onChange={() => toggle(option)}
          />
          {words[option]}
        </Text>
      ))}
    </Box>
  );
}
