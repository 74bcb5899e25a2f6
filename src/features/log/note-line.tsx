'use client';

import { useState } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { TextField } from '@/ui/fields/text-field';
import { logScreenWords } from '@/words/screens/log';
import type { Acts } from '@/writes/use-act';

const WORDS = logScreenWords.note;

/** A line to write a note into the log of an outing; what was typed stays until it is kept. */
export function NoteLine({ outingId, acts }: { outingId: string; acts: Acts }) {
  const [words, setWords] = useState('');
  const write = () =>
    acts.write(
      'note.write',
      { outingId, words },
      {
        said: () => WORDS.kept,
        undo: ({ id }) => ['note.remove', { id }],
        settled: () => setWords(''),
      },
    );
  return (
    <Box
      as="form"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <Flex gap="3" align="flex-end">
        <Box flex="1">
          <TextField label={WORDS.title} value={words} onChange={setWords} />
        </Box>
        <ActionButton quiet type="submit" loading={acts.isBusy}>
          {WORDS.keep}
        </ActionButton>
      </Flex>
    </Box>
  );
}
