import { REMOVAL, type Difference } from '@/core/book';
import { Box, Text } from '@chakra-ui/react';
import { settingsScreenWords } from '@/words/screens/settings';

const { exchange: WORDS, hub: HUB } = settingsScreenWords;
const MOST_LETTERS = 60;

/** A value of a record as a person reads it. */
function inWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return WORDS.empty;
  const text = typeof value === 'object' ? JSON.stringify(value) : String(value);
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text;
}

interface DifferenceLinesProps {
  difference: Difference;
  /** How a column is told: its name, what stands here, what stands there. */
  told?: (column: string, mine: string, theirs: string) => string;
}

/** A record that differs, a line a column. */
export function DifferenceLines({ difference, told = WORDS.fromTo }: DifferenceLinesProps) {
  const { name, label, columns } = difference;
  return (
    <Box py="1">
      <Text textStyle="body">{WORDS.recordOf(WORDS.KIND[name], label)}</Text>
      {columns
        .filter(({ column }) => !column.endsWith('version'))
        .map(({ column, mine, theirs }) => (
          <Text key={column} textStyle="small" overflowWrap="anywhere">
            {column === REMOVAL
              ? HUB.wasRemoved(difference.isTaken)
              : told(WORDS.column(column), inWords(mine), inWords(theirs))}
          </Text>
        ))}
    </Box>
  );
}
