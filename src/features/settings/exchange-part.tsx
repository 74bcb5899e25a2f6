'use client';

import type { MergeReport } from '@/core/book';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FileField } from '@/ui/fields/file-field';
import { Part } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { settingsScreenWords } from '@/words/screens/settings';
import { BookPreview } from './book-preview';
import { useBook } from './use-book';

const WORDS = settingsScreenWords.exchange;
const ACCEPT = '.json,.zip,application/json,application/zip';

const total = ({ kinds }: MergeReport, what: 'added' | 'changed') =>
  kinds.reduce((sum, kind) => sum + kind[what], 0);

/** Hands all data on as a file, and takes the book of another cabin in after a look at what it changes. */
export function ExchangePart() {
  const { state, done, look, take, close } = useBook();
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3">
        {WORDS.hint}
      </Text>
      <Flex gap="4" wrap="wrap" mb="4">
        <FileLink href="/api/v1/book?format=json">{WORDS.asJson}</FileLink>
        <FileLink href="/api/v1/book?format=zip">{WORDS.asZip}</FileLink>
      </Flex>
      <FileField
        label={WORDS.file}
        button={WORDS.choose}
        id="book"
        accept={ACCEPT}
        disabled={state.kind === 'reading' || state.kind === 'taking'}
        onFile={look}
      />
      <Box mt="3">
        {done !== undefined && (
          <progress value={done} max={1} aria-label={WORDS.progress} style={{ width: '100%' }} />
        )}
        {state.kind === 'reading' && (
          <Flex gap="3" align="center" role="status">
            <Text textStyle="body">{WORDS.reading}</Text>
            <ActionButton quiet onClick={close}>
              {WORDS.cancel}
            </ActionButton>
          </Flex>
        )}
        {(state.kind === 'looking' || state.kind === 'taking') && (
          <BookPreview
            report={state.report}
            isBusy={state.kind === 'taking'}
            onTake={(theirs) => void take(theirs)}
            onCancel={close}
          />
        )}
        {state.kind === 'done' && (
          <UndoNotice
            message={WORDS.done(total(state.report, 'added'), total(state.report, 'changed'))}
            onClose={close}
          />
        )}
        {state.kind === 'failed' && (
          <Box role="alert">
            <Text textStyle="strong" color="danger">
              {state.message}
            </Text>
            {state.problems.map(({ field, message }) => (
              <Text key={`${field} ${message}`} textStyle="small">
                {WORDS.problem(field, message)}
              </Text>
            ))}
          </Box>
        )}
      </Box>
    </Part>
  );
}
