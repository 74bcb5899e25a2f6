'use client';

import { useId } from 'react';
import { Input } from '@chakra-ui/react';
import { FieldFrame } from './field-frame';

interface TextFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  hint?: string;
  problem?: string;
  type?: 'text' | 'datetime-local' | 'date' | 'time';
  /** What may be meant, to choose from. */
  list?: readonly string[];
}

/** A line of text with its label, hint and problem. */
export function TextField({ label, value, onChange, hint, problem, type, list }: TextFieldProps) {
  const listId = useId();
  return (
    <FieldFrame label={label} hint={hint} problem={problem}>
      <Input
        type={type ?? 'text'}
        value={value}
        list={list && listId}
        onChange={(event) => onChange(event.target.value)}
        autoComplete="off"
        h="target"
        px="3"
        bg="sheet"
        borderWidth="1px"
        borderColor="edge"
        _invalid={{ borderColor: 'danger' }}
        textStyle="body"
      />
      {list && (
        <datalist id={listId}>
          {list.map((text) => (
            <option key={text} value={text} />
          ))}
        </datalist>
      )}
    </FieldFrame>
  );
}
