'use client';

import type { FormEvent, ReactNode } from 'react';
import { Box, type BoxProps } from '@chakra-ui/react';

interface SheetFormProps extends Pick<BoxProps, 'mt' | 'maxW'> {
  onSubmit: () => unknown;
  children: ReactNode;
}

/** A form that says itself what is wrong, at its place, and is sent by Enter, Ctrl and Enter, or its button. */
export function SheetForm({ onSubmit, children, ...place }: SheetFormProps) {
  const send = (event: FormEvent) => {
    event.preventDefault();
    void onSubmit();
  };
  return (
    <Box as="form" {...{ noValidate: true }} onSubmit={send} {...place}>
      {children}
    </Box>
  );
}
