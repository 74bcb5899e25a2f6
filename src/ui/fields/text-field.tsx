'use client';

import { useId } from 'react';
import { Box, Input, Text } from '@chakra-ui/react';
import { FieldProblemText } from './field-problem';

interface TextFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  hint?: string;
  problem?: string;
  type?: 'text' | 'datetime-local' | 'date';
  list?: readonly string[];
}

/** A line of text with its label, hint and problem. */
export function TextField({ label, value, onChange, hint, problem, type, list }: TextFieldProps) {
  const id = useId();
  const described = [hint && `${id}-hint`, problem && `${id}-problem`].filter(Boolean).join(' ');
  return (
    <Box>
      <Text
        as="label"
        {...{ htmlFor: id }}
        textStyle="small"
        fontWeight="650"
        display="block"
        mb="1"
      >
        {label}
      </Text>
      <Input
        id={id}
        type={type ?? 'text'}
        value={value}
        list={list && `${id}-list`}
        onChange={(event) => onChange(event.target.value)}
        aria-invalid={problem ? true : undefined}
        aria-describedby={described || undefined}
        autoComplete="off"
        h="target"
        px="3"
        bg="sheet"
        borderWidth="1px"
        borderColor={problem ? 'danger' : 'edge'}
        textStyle="body"
      />
      {list && (
        <datalist id={`${id}-list`}>
          {list.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
      {hint && (
        <Text id={`${id}-hint`} textStyle="small" color="faint" mt="1">
          {hint}
        </Text>
      )}
      <FieldProblemText id={`${id}-problem`} problem={problem} />
    </Box>
  );
}
