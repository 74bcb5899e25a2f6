'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from './action-button';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.clash;

/** A field that someone else changed while this form was open, and this form too. */
export interface FieldClash {
  field: string;
  theirs: unknown;
}

interface MeanwhileProps {
  clashes: readonly FieldClash[];
  /** What the fields are called. */
  names: Readonly<Record<string, { name: string }>>;
  onTake: (clash: FieldClash) => void;
  onKeep: (clash: FieldClash) => void;
}

const written = (value: unknown) =>
  value === undefined || value === null || value === '' ? WORDS.empty : String(value);

/** What others changed meanwhile, field by field, to take or to leave. */
export function Meanwhile({ clashes, names, onTake, onKeep }: MeanwhileProps) {
  if (clashes.length === 0) return null;
  return (
    <Box role="alert" borderLeftWidth="4px" borderColor="danger" bg="sunk" px="3" py="2" my="3">
      <Text textStyle="strong">{WORDS.changedByOthers}</Text>
      {clashes.map((clash) => (
        <Flex key={clash.field} gap="3" align="center" wrap="wrap" mt="2">
          <Text textStyle="body">
            {WORDS.theySet(names[clash.field]?.name ?? clash.field, written(clash.theirs))}
          </Text>
          <ActionButton quiet onClick={() => onTake(clash)}>
            {WORDS.takeTheirs}
          </ActionButton>
          <ActionButton quiet onClick={() => onKeep(clash)}>
            {WORDS.keepMine}
          </ActionButton>
        </Flex>
      ))}
    </Box>
  );
}
