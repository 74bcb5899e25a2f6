'use client';

import { useId } from 'react';
import { Box, Text, chakra } from '@chakra-ui/react';

interface SelectFieldProps {
  label: string;
  value: string;
  options: readonly { value: string; label: string }[];
  onChange: (value: string) => void;
  id?: string;
}

const Select = chakra('select');

/** One of many, by its name: the browser's own list. */
export function SelectField({ label, value, options, onChange, id }: SelectFieldProps) {
  const ownId = useId();
  const fieldId = id ?? ownId;
  return (
    <Box>
      <Text as="label" {...{ htmlFor: fieldId }} textStyle="small" fontWeight="650">
        {label}
      </Text>
      <Select
        id={fieldId}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        display="block"
        mt="1"
        w="100%"
        h="target"
        px="2"
        bg="sheet"
        borderWidth="1px"
        borderColor="edge"
        textStyle="body"
      >
        {options.map((one) => (
          <option key={one.value} value={one.value}>
            {one.label}
          </option>
        ))}
      </Select>
    </Box>
  );
}
