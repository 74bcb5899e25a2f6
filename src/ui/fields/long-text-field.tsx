'use client';

import { Textarea } from '@chakra-ui/react';
import { FieldFrame } from './field-frame';

interface LongTextFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  rows?: number;
  id?: string;
  problem?: string;
}

/** Several lines of text, typed or pasted. */
export function LongTextField(props: LongTextFieldProps) {
  const { label, value, onChange, rows = 4, id, problem } = props;
  return (
    <FieldFrame label={label} id={id} problem={problem}>
      <Textarea
        value={value}
        onChange={(event) => onChange(event.target.value)}
        rows={rows}
        bg="sheet"
        borderColor="edge"
        textStyle="body"
      />
    </FieldFrame>
  );
}
