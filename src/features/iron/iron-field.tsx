'use client';

import { NumberField, type FigureLook } from '@/ui/fields/number-field';
import type { IronDraft } from './iron-draft';
import type { IronState } from './use-iron';

interface IronFieldProps {
  state: IronState;
  name: keyof IronDraft &
    ('setC' | 'passS' | 'passes' | 'roomC' | 'lengthCm' | 'widthMm' | 'filmMicrometre');
  label: string;
  scale: FigureLook['scale'];
  step?: number;
  decimals?: number;
}

/** One figure of the bench. */
export function IronField({ state, name, step = 1, decimals = 0, ...shown }: IronFieldProps) {
  return <NumberField step={step} decimals={decimals} {...shown} {...state.form.bind(name)} />;
}
