'use client';

import { useId, useState } from 'react';
import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { Minus, Plus } from 'lucide-react';
import { fixed } from '../format/quantities';
import { FieldProblemText } from './field-problem';

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

const readTyped = (text: string): number | undefined => {
  const cell = text.trim().replace(/^[−–]/, '-').replace(',', '.');
  if (cell === '') return undefined;
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(cell) ? Number(cell) : NaN;
};

/** A number with its unit and two step buttons a gloved thumb can hit. What is typed stays as typed. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onChange, scale, step, decimals = 1, hint, problem, name } = props;
  const id = useId();
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
      <Flex>
        <StepButton label={`${label} down`} onPress={() => nudge(-1)}>
          <Minus size={20} aria-hidden />
        </StepButton>
        <Flex
          flex="1"
          align="center"
          borderWidth="1px"
          borderX="0"
          borderColor={problem ? 'danger' : 'edge'}
          bg="sheet"
          minW="0"
        >
          <Input
            id={id}
            name={name}
            value={text}
            onChange={(event) => type(event.target.value)}
            inputMode="decimal"
            autoComplete="off"
            aria-invalid={problem ? true : undefined}
            aria-describedby={described || undefined}
            border="0"
            textStyle="strong"
            textAlign="right"
            h="target"
            px="2"
            minW="0"
          />
          <Text
            textStyle="small"
            color="faint"
            pr="2"
            minW={{ base: '6', sm: '8' }}
            whiteSpace="nowrap"
            aria-hidden
          >
            {scale.unit}
          </Text>
        </Flex>
        <StepButton label={`${label} up`} onPress={() => nudge(1)}>
          <Plus size={20} aria-hidden />
        </StepButton>
      </Flex>
      {hint && (
        <Text id={`${id}-hint`} textStyle="small" color="faint" mt="1">
          {hint}
        </Text>
      )}
      <FieldProblemText id={`${id}-problem`} problem={problem} />
    </Box>
  );
}

function StepButton(props: { label: string; onPress: () => void; children: React.ReactNode }) {
  return (
    <Button
      type="button"
      aria-label={props.label}
      onClick={props.onPress}
      h="target"
      minW="target"
      px="0"
      bg="sunk"
      color="ink"
      borderWidth="1px"
      borderColor="edge"
      _hover={{ bg: 'rule' }}
    >
      {props.children}
    </Button>
  );
}
