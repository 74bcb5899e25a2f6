'use client';

import { useState } from 'react';
import { Group, IconButton, Input, InputGroup } from '@chakra-ui/react';
import { Minus, Plus } from 'lucide-react';
import { fixed } from '../../words/quantities';
import { FieldFrame } from './field-frame';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.numberField;

/** How a stored quantity is shown and typed: a pair of conversions and the unit's name. */
export interface Scale {
  unit: string;
  toShown: (stored: number) => number;
  toStored: (shown: number) => number;
}

interface NumberFieldProps {
  label: string;
  value: number | undefined;
  /** Gets undefined for an empty field and NaN for text that is no number. */
  onChange: (value: number | undefined) => void;
  scale: Scale;
  step: number;
  decimals?: number;
  hint?: string;
  problem?: string;
  name?: string;
  /** Where a step button starts from when the field is empty, as shown. */
  startShown?: number;
}

/** How one of a form's figures is shown and stepped. */
export type FigureLook = Pick<NumberFieldProps, 'scale' | 'step' | 'decimals' | 'startShown'>;

const readTyped = (text: string): number | undefined => {
  const cell = text.trim().replace(/^[−–]/, '-').replace(',', '.');
  if (cell === '') return undefined;
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(cell) ? Number(cell) : NaN;
};

/**
 * A number with its unit and two step buttons a gloved thumb can hit. What is typed stays as typed, and a decimal comma
 * is a comma: the kit's own number input reads 13,5 as 135 in an English browser, which no snow temperature survives.
 */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onChange, scale, step, decimals = 1, hint, problem, name } = props;
  const [typed, setTyped] = useState<{ text: string; stored: number | undefined }>();
  const isOwn = typed !== undefined && Object.is(typed.stored, value);
  const shown =
    value === undefined || Number.isNaN(value) ? '' : fixed(scale.toShown(value), decimals);
  const text = isOwn ? typed.text : shown;

  const type = (next: string) => {
    const number = readTyped(next);
    const stored = number === undefined ? undefined : scale.toStored(number);
    setTyped({ text: next, stored });
    onChange(stored);
  };
  const nudge = (direction: 1 | -1) => {
    const current = readTyped(text);
    const from = current === undefined || Number.isNaN(current) ? (props.startShown ?? 0) : current;
    const next = Math.round((from + direction * step) / step) * step;
    type(fixed(next, decimals));
  };
  return (
    <FieldFrame label={label} hint={hint} problem={problem}>
      <Group attached w="100%">
        <StepButton label={WORDS.down(label)} onPress={() => nudge(-1)}>
          <Minus size={20} aria-hidden />
        </StepButton>
        <InputGroup
          flex="1"
          minW="0"
          endElement={<span aria-hidden>{scale.unit}</span>}
          endElementProps={{ px: '2', textStyle: 'small', color: 'faint' }}
        >
          <Input
            name={name}
            value={text}
            onChange={(event) => type(event.target.value)}
            inputMode="decimal"
            autoComplete="off"
            h="target"
            bg="sheet"
            borderRadius="0"
            borderColor="edge"
            _invalid={{ borderColor: 'danger' }}
            textStyle="strong"
            textAlign="right"
            ps="2"
            pe={{ base: '9', sm: '10' }}
            minW="0"
          />
        </InputGroup>
        <StepButton label={WORDS.up(label)} onPress={() => nudge(1)}>
          <Plus size={20} aria-hidden />
        </StepButton>
      </Group>
    </FieldFrame>
  );
}

function StepButton(props: { label: string; onPress: () => void; children: React.ReactNode }) {
  return (
    <IconButton
      type="button"
      aria-label={props.label}
      onClick={props.onPress}
      h="target"
      minW="target"
      bg="sunk"
      color="ink"
      borderWidth="1px"
      borderColor="edge"
      _hover={{ bg: 'rule' }}
    >
      {props.children}
    </IconButton>
  );
}
