'use client';

import { Textarea } from '@chakra-ui/react';
import { FieldFrame } from './field-frame';

interface LongTextFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  rows?: number;
  id?: string;
}

/** Several lines of text, typed or pasted. */
export function LongTextField({ label, value, onChange, rows = 4, id }: LongTextFieldProps) {
  return (
    <FieldFrame label={label} id={id}>
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
