'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from './action-button';

/** A field that someone else changed while this form was open, and this form too. */
export interface FieldClash {
  field: string;
  theirs: unknown;
}

interface MeanwhileProps {
  clashes: readonly FieldClash[];
  /** What a field is called, and how its value is written. */
  nameOf: (field: string) => string;
  show?: (field: string, value: unknown) => string;
  onTake: (clash: FieldClash) => void;
  onKeep: (clash: FieldClash) => void;
}

const plain = (_field: string, value: unknown) =>
  value === undefined || value === null || value === '' ? 'empty' : String(value);

/** What others changed meanwhile, field by field, to take or to leave. */
export function Meanwhile({ clashes, nameOf, show = plain, onTake, onKeep }: MeanwhileProps) {
  if (clashes.length === 0) return null;
  return (
    <Box role="alert" borderLeftWidth="4px" borderColor="danger" bg="sunk" px="3" py="2" my="3">
      <Text textStyle="strong">Someone else changed this meanwhile</Text>
      {clashes.map((clash) => (
        <Flex key={clash.field} gap="3" align="center" wrap="wrap" mt="2">
          <Text textStyle="body">
            {nameOf(clash.field)}: they set {show(clash.field, clash.theirs)}.
          </Text>
          <ActionButton quiet onClick={() => onTake(clash)}>
            Take theirs
          </ActionButton>
          <ActionButton quiet onClick={() => onKeep(clash)}>
            Keep mine
          </ActionButton>
        </Flex>
      ))}
    </Box>
  );
}
