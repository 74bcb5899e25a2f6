'use client';

import { NativeSelect } from '@chakra-ui/react';
import { FieldFrame } from './field-frame';

interface SelectFieldProps {
  label: string;
  value: string;
  options: readonly { value: string; label: string }[];
  onChange: (value: string) => void;
  id?: string;
}

/** One of many, by its name: the browser's own list. */
export function SelectField({ label, value, options, onChange, id }: SelectFieldProps) {
  return (
    <FieldFrame label={label} id={id}>
      <NativeSelect.Root>
        <NativeSelect.Field
          value={value}
          onChange={(event) => onChange(event.target.value)}
          h="target"
          px="2"
          bg="sheet"
          borderColor="edge"
          borderRadius="0"
          textStyle="body"
        >
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator color="ink" />
      </NativeSelect.Root>
    </FieldFrame>
  );
}
