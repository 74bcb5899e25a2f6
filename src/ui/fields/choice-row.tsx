'use client';

import { useId, type ReactNode } from 'react';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { FieldProblemText } from './field-problem';

export interface ChoiceOption<T extends string> {
  value: T;
  label: ReactNode;
  /** A further line under the label. */
  detail?: string;
}

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

const Radio = chakra('input');
const OptionLabel = chakra('label');

/** One of a few, as a row of large buttons: native radios, so arrow keys and readers work. */
export function ChoiceRow<T extends string>(props: ChoiceRowProps<T>) {
  const { legend, name, options, value, onChange, problem, optionWidth = '80px' } = props;
  const id = useId();
  return (
    <Box as="fieldset" border="0" p="0" m="0" minW="0">
      <Box as="legend" textStyle="small" fontWeight="650" mb="1" p="0">
        {legend}
      </Box>
      <Grid templateColumns={`repeat(auto-fit, minmax(${optionWidth}, 1fr))`} pl="1px" pt="1px">
        {options.map((option) => (
          <OptionLabel
            key={option.value}
            position="relative"
            ml="-1px"
            mt="-1px"
            borderWidth="1px"
            borderColor="edge"
            minH="target"
            px="2"
            py="1"
            display="flex"
            flexDirection="column"
            alignItems="center"
            justifyContent="center"
            textAlign="center"
            cursor="pointer"
            bg="sheet"
            textStyle="small"
            lineHeight="1.2"
            _hover={{ bg: 'sunk' }}
            css={{
              '&:has(:checked)': { bg: 'ink', color: 'paper', fontWeight: '650' },
              '&:has(:focus-visible)': {
                outline: '3px solid',
                outlineColor: 'action',
                outlineOffset: '2px',
                zIndex: 1,
              },
            }}
          >
            <Radio
              type="radio"
              name={`${name}-${id}`}
              value={option.value}
              checked={value === option.value}
              onChange={() => onChange(option.value)}
              position="absolute"
              opacity="0"
              w="1px"
              h="1px"
            />
            {option.label}
            {option.detail && <span>{option.detail}</span>}
          </OptionLabel>
        ))}
      </Grid>
      <FieldProblemText problem={problem} />
    </Box>
  );
}
