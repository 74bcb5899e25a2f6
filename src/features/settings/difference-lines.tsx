import { bookKind, REMOVAL, type BookName, type Difference } from '@/core/book';
import { columnOf } from '@/core/model';
import { Box, Text } from '@chakra-ui/react';
import { fieldsWords } from '@/words/areas/fields';
import { settingsScreenWords } from '@/words/screens/settings';

const { exchange: WORDS, hub: HUB } = settingsScreenWords;
const MOST_LETTERS = 60;

type Named = Readonly<Record<string, { readonly name: string } | undefined>>;

/** What a column is called: as its field is, in forms and files too. */
export function columnName(name: BookName, column: string): string {
  const key = Object.entries(bookKind(name).fields).find(
    ([key, field]) => columnOf(key, field) === column,
  )?.[0];
  const fields = (fieldsWords as unknown as Record<string, Named | undefined>)[name.toUpperCase()];
  return (key && fields?.[key]?.name) || (WORDS.COLUMN[column] ?? column);
}

/** A value of a record as a person reads it. */
function inWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return WORDS.empty;
  const text = typeof value === 'object' ? JSON.stringify(value) : String(value);
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text;
}

interface DifferenceLinesProps {
  difference: Difference;
  /** How a column is told: its name, what stands here, what stands there. */
  rendered?: (column: string, mine: string, theirs: string) => string;
}

/** A record that differs, a line a column. */
export function DifferenceLines({ difference, rendered = WORDS.fromTo }: DifferenceLinesProps) {
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
              : rendered(columnName(name, column), inWords(mine), inWords(theirs))}
          </Text>
        ))}
    </Box>
  );
}
