'use client';

import { useId, type ReactNode } from 'react';
import { Grid, RadioCard } from '@chakra-ui/react';
import { FieldProblemText } from './field-problem';

export interface ChoiceOption<T extends string> {
  value: T;
  label: ReactNode;
  /** What a label that is drawn says in it. */
  word?: string;
  /** A further line under the label. */
  detail?: string;
}

/** Words of a vocabulary as options, in its order. */
export const optionsOf = <T extends string>(
  values: readonly T[],
  labels: Readonly<Record<T, string>>,
): { value: T; label: string }[] => values.map((value) => ({ value, label: labels[value] }));

interface ChoiceRowProps<T extends string> {
  legend: string;
  name: string;
  options: readonly ChoiceOption<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
  problem?: string;
  /** Smallest width of one option. */
  optionWidth?: string;
}

/** A letter of these words is narrower than a figure. */
const LETTER_CH = 0.85;

/** The least width of an option that no word of any of them sticks out of, in whatever language. */
function leastWidth(options: readonly ChoiceOption<string>[], wanted: string): string {
  const texts = options.flatMap(({ label, word, detail }) => [
    typeof label === 'string' ? label : word,
    detail,
  ]);
  const lengths = texts.flatMap((text) => (text ?? '').split(/[\s-]+/).map((one) => one.length));
  return `max(${wanted}, ${Math.max(0, ...lengths) * LETTER_CH}ch + 10px)`;
}

/** One of a few, as a row of large buttons; arrow keys move in it. */
export function ChoiceRow<T extends string>(props: ChoiceRowProps<T>) {
  const { legend, name, options, value, onChange, problem, optionWidth = '80px' } = props;
  const id = useId();
  return (
    <RadioCard.Root
      unstyled
      minW="0"
      name={`${name}-${id}`}
      value={value ?? null}
      onValueChange={(details) => details.value !== null && onChange(details.value as T)}
    >
      <RadioCard.Label display="block" textStyle="small" fontWeight="650" mb="1">
        {legend}
      </RadioCard.Label>
      <Grid
        textStyle="small"
        templateColumns={`repeat(auto-fit, minmax(min(100%, ${leastWidth(options, optionWidth)}), 1fr))`}
        pl="1px"
        pt="1px"
      >
        {options.map((option) => (
          <RadioCard.Item
            key={option.value}
            value={option.value}
            position="relative"
            ml="-1px"
            mt="-1px"
            borderWidth="1px"
            borderColor="edge"
            minH="target"
            px="1"
            py="1"
            display="flex"
            alignItems="center"
            justifyContent="center"
            textAlign="center"
            cursor="pointer"
            bg="sheet"
            textStyle="small"
            lineHeight="1.2"
            _hover={{ bg: 'sunk' }}
            _checked={{ bg: 'ink', color: 'paper', fontWeight: '650' }}
            _focusVisible={{
              outline: '3px solid',
              outlineColor: 'action',
              outlineOffset: '2px',
              zIndex: 1,
            }}
          >
            <RadioCard.ItemHiddenInput />
            <RadioCard.ItemText display="flex" flexDirection="column" alignItems="center">
              {option.label}
              {option.detail && <span>{option.detail}</span>}
            </RadioCard.ItemText>
          </RadioCard.Item>
        ))}
      </Grid>
      <FieldProblemText problem={problem} />
    </RadioCard.Root>
  );
}
