'use client';

import { useState } from 'react';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { Delete } from 'lucide-react';
import { ActionButton } from './action-button';
import { FieldProblemText } from './field-problem';
import { decimalSign } from '../../words/number-format';
import type { Scale } from './number-field';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.numberPad;

const MOST_DIGITS = 4;
const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'];

interface NumberPadProps {
  /** Of what the number is; every key is named with it. */
  label: string;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
  scale: Scale;
  /** A usual value as stored: its sign is the one a number begins with. */
  usual: number;
  /** Numbers of this kind are never below zero: there is no key for the sign. */
  isUnsigned?: boolean;
  /** The large key that ends the number. */
  done: { label: string; isBusy: boolean };
  problem?: string;
}

interface Typed {
  digits: string;
  isNegative: boolean;
  stored: number | undefined;
}

/** Keys for one number, to be hit with a glove: one tap a digit, the usual sign already there. */
export function NumberPad(props: NumberPadProps) {
  const { label, value, onChange, scale, usual, done, problem, isUnsigned = false } = props;
  const [typed, setTyped] = useState<Typed>();
  const startsNegative = scale.toShown(usual) < 0;
  const isOwn = typed !== undefined && Object.is(typed.stored, value);
  const shownValue = value === undefined || Number.isNaN(value) ? undefined : scale.toShown(value);
  const isNegative = isOwn
    ? typed.isNegative
    : shownValue === undefined
      ? startsNegative
      : shownValue < 0;
  const digits = isOwn
    ? typed.digits
    : shownValue === undefined
      ? ''
      : Math.abs(shownValue).toFixed(1);
  const put = (next: string, negative: boolean) => {
    const number = next === '' || next === '.' ? undefined : Number(next) * (negative ? -1 : 1);
    const stored = number === undefined ? undefined : scale.toStored(number);
    setTyped({ digits: next, isNegative: negative, stored });
    onChange(stored);
  };
  // A digit after what somebody else filled in begins a new number.
  const add = (key: string) => {
    const before = isOwn ? digits : '';
    const isFull = before.replace('.', '').length >= MOST_DIGITS;
    if (isFull || (key === '.' && before.includes('.'))) return;
    put(before + key, isNegative);
  };
  return (
    <Box role="group" aria-label={WORDS.keysFor(label)}>
      <Flex justify="space-between" align="baseline" mb="1">
        <Text textStyle="small" color="faint">
          {label}
        </Text>
        <Text textStyle="title" data-testid="pad-value" aria-live="polite">
          {isNegative ? '−' : ''}
          {digits === '' ? '·' : digits.replace('.', decimalSign())} {scale.unit}
        </Text>
      </Flex>
      <FieldProblemText problem={problem} />
      <Grid templateColumns="repeat(4, 1fr)" gap="1">
        {DIGITS.slice(0, 3).map((key) => (
          <Key key={key} name={key} onPress={() => add(key)} />
        ))}
        <Key name={WORDS.deleteLast} onPress={() => put(digits.slice(0, -1), isNegative)}>
          <Delete size={20} aria-hidden />
        </Key>
        {DIGITS.slice(3, 6).map((key) => (
          <Key key={key} name={key} onPress={() => add(key)} />
        ))}
        {!isUnsigned && (
          <Key name={WORDS.changeTheSign} onPress={() => put(digits, !isNegative)}>
            ±
          </Key>
        )}
        {DIGITS.slice(6).map((key) => (
          <Key key={key} name={key} onPress={() => add(key)} />
        ))}
        <ActionButton
          type="submit"
          loading={done.isBusy}
          gridRow={isUnsigned ? '2 / span 3' : '3 / span 2'}
          gridColumn="4"
          h="auto"
          px="1"
          whiteSpace="normal"
        >
          {done.label}
        </ActionButton>
        <Key name="0" isWide onPress={() => add('0')} />
        <Key name={WORDS.decimalPoint} onPress={() => add('.')}>
          {decimalSign()}
        </Key>
      </Grid>
    </Box>
  );
}

function Key(props: {
  name: string;
  isWide?: boolean;
  onPress: () => void;
  children?: React.ReactNode;
}) {
  return (
    <Button
      type="button"
      aria-label={props.name}
      onClick={props.onPress}
      gridColumn={props.isWide ? 'span 2' : undefined}
      h="target"
      minW="0"
      bg="sunk"
      color="ink"
      borderWidth="1px"
      borderColor="edge"
      borderRadius="l2"
      textStyle="strong"
    >
      {props.children ?? props.name}
    </Button>
  );
}
