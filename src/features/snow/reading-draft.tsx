'use client';

import { createContext, use, type ReactNode } from 'react';
import { useReadingForm, type ReadingFormOptions } from './use-reading-form';

export type ReadingFormState = ReturnType<typeof useReadingForm>;

const Draft = createContext<ReadingFormState | undefined>(undefined);

interface ReadingDraftProps extends ReadingFormOptions {
  children: ReactNode;
}

/**
 * Holds the reading that is being typed. A form is drawn again as soon as it is there and with each thing typed; so
 * only what asks for the draft is, and not the whole screen.
 */
export function ReadingDraft({ children, ...options }: ReadingDraftProps) {
  return <Draft value={useReadingForm(options)}>{children}</Draft>;
}

/** The reading that is being typed on the screen around. */
export function useReadingDraft(): ReadingFormState {
  const form = use(Draft);
  if (!form) throw new Error('no reading is being typed here');
  return form;
}
