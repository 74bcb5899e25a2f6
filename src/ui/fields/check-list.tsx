'use client';

import { Checkbox, Fieldset } from '@chakra-ui/react';

interface CheckListProps<T extends string> {
  legend: string;
  options: readonly T[];
  words: Record<T, string>;
  checked: readonly T[];
  onChange: (checked: T[]) => void;
}

/** Any of a few, ticked. */
export function CheckList<T extends string>(props: CheckListProps<T>) {
  const { legend, options, words, checked, onChange } = props;
  const toggle = (option: T, isOn: boolean) =>
    onChange(isOn ? [...checked, option] : checked.filter((value) => value !== option));
  return (
    <Fieldset.Root unstyled border="0" p="0" m="0">
      <Fieldset.Legend unstyled textStyle="small" fontWeight="650" color="ink">
        {legend}
      </Fieldset.Legend>
      {options.map((option) => (
        <Tick
          key={option}
          label={words[option]}
          checked={checked.includes(option)}
          onChange={(isOn) => toggle(option, isOn)}
        />
      ))}
    </Fieldset.Root>
  );
}

interface TickProps {
  label: string;
  checked: boolean;
  onChange: (isOn: boolean) => void;
  /** For a glove at the bench. */
  isLarge?: boolean;
}

/** One box to tick, with its name. */
export function Tick({ label, checked, onChange, isLarge = false }: TickProps) {
  return (
    <Checkbox.Root
      checked={checked}
      onCheckedChange={(details) => onChange(details.checked === true)}
      mr="4"
      minH={isLarge ? '60px' : 'target'}
      cursor="pointer"
    >
      <Checkbox.HiddenInput />
      <Checkbox.Control
        boxSize={isLarge ? '28px' : undefined}
        borderColor="edge"
        bg="sheet"
        _checked={{ bg: 'action', color: 'onAction', borderColor: 'action' }}
        _focusVisible={{ outline: '3px solid', outlineColor: 'action', outlineOffset: '2px' }}
      />
      <Checkbox.Label textStyle={isLarge ? 'title' : 'small'} fontWeight={isLarge ? '650' : '430'}>
        {label}
      </Checkbox.Label>
    </Checkbox.Root>
  );
}
