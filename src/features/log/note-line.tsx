'use client';

import { useState } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { TextField } from '@/ui/fields/text-field';
import { useWrite } from '@/ui/fields/use-write';
import { logScreenWords } from '@/words/screens/log';
import { act } from '@/writes/act';

const WORDS = logScreenWords.note;

/** A line to write a note into the log of an outing; what was typed stays until it is kept. */
export function NoteLine(props: { outingId: string; onWritten: (id: string) => void }) {
  const { outingId, onWritten } = props;
  const [words, setWords] = useState('');
  const [problem, setProblem] = useState<string>();
  const { send, isBusy } = useWrite();
  const write = async () => {
    const done = await send(`note:${words}`, (key) => act('note.write', key, { outingId, words }));
    if (!done) return;
    if (!done.ok) {
      setProblem(done.error.message);
      return;
    }
    setWords('');
    setProblem(undefined);
    onWritten(done.value.id);
  };
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
        <ActionButton quiet type="submit" loading={isBusy}>
          {WORDS.keep}
        </ActionButton>
      </Flex>
      <FieldProblemText problem={problem} />
    </Box>
  );
}
