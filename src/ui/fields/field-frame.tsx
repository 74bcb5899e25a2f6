'use client';

import type { ReactNode } from 'react';
import { Field } from '@chakra-ui/react';

interface FieldFrameProps {
  label: string;
  hint?: string;
  problem?: string;
  id?: string;
  children: ReactNode;
}

/** What stands about a field: its label over it, its hint and what is wrong under it. */
export function FieldFrame({ label, hint, problem, id, children }: FieldFrameProps) {
  return (
    <Field.Root unstyled display="block" invalid={problem !== undefined && problem !== ''} id={id}>
      <Field.Label display="block" textStyle="small" fontWeight="650" mb="1">
        {label}
      </Field.Label>
      {children}
      {hint && (
        <Field.HelperText display="block" textStyle="small" color="faint" mt="1">
          {hint}
        </Field.HelperText>
      )}
      <Field.ErrorText
        display="block"
        role="alert"
        textStyle="small"
        color="danger"
        fontWeight="650"
        mt="1"
      >
        {problem}
      </Field.ErrorText>
    </Field.Root>
  );
}
