'use client';

import { useRef, useState, type ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '../fields/action-button';
import type { Answer } from '../fields/answer';
import { useWrite } from '../fields/use-write';
import { CSV_ACCEPT, FileField } from '../fields/file-field';
import { fileKey, forgetFileKey } from '../fields/file-key';
import { DataTable } from './data-table';
import { Part } from './sheet';
import { UndoNotice } from './undo-notice';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.csvImport;

/** A problem of a file, at its line and column. */
interface RowProblem {
  line: number;
  field: string;
  message: string;
}

interface CsvImportProps {
  title: string;
  hint: string;
  /** Label of the file field, and its id in the page. */
  label: string;
  id: string;
  url: string;
  /** Links to an example or an export. */
  links?: ReactNode;
  /** “reading” → “3 readings taken in.” */
  what: 'ski' | 'reading' | 'product';
  onUndo?: (key: string, importId: string) => Promise<Answer<unknown>>;
}

interface WireFailure {
  message?: string;
  details?: RowProblem[];
}

type State =
  | { kind: 'idle' }
  | { kind: 'busy' }
  | { kind: 'done'; count: number; importId: string }
  | { kind: 'failed'; message: string; problems: RowProblem[] };

/** Takes rows in from a CSV file: all of it, or nothing and a list of what to mend. */
export function CsvImport({ title, hint, label, id, url, links, what, onUndo }: CsvImportProps) {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const { send, cancel } = useImport(url, setState);
  const write = useWrite();
  const undo = async (importId: string) => {
    if (!onUndo) return;
    const done = await write.send(`undo:${importId}`, (key) => onUndo(key, importId));
    if (done?.ok) setState({ kind: 'idle' });
    else if (done) setState({ kind: 'failed', message: done.error.message, problems: [] });
  };
  return (
    <Part title={title}>
      <Text textStyle="small" color="faint" mb="2">
        {hint}
      </Text>
      <Flex gap="4" align="flex-end" wrap="wrap">
        <FileField
          label={label}
          button={WORDS.chooseFile}
          id={id}
          accept={CSV_ACCEPT}
          disabled={state.kind === 'busy'}
          onFile={(file) => void send(file)}
        />
        {links}
        {state.kind === 'busy' && (
          <Flex gap="3" align="center" role="status">
            <Text textStyle="body">{WORDS.readingTheFile}</Text>
            <ActionButton quiet onClick={cancel}>
              {WORDS.cancel}
            </ActionButton>
          </Flex>
        )}
      </Flex>
      <Box mt="3">
        {state.kind === 'done' && (
          <UndoNotice
            message={WORDS.takenIn(state.count, what)}
            onUndo={onUndo && (() => void undo(state.importId))}
            onClose={() => setState({ kind: 'idle' })}
          />
        )}
        {state.kind === 'failed' && <ImportProblems {...state} />}
      </Box>
    </Part>
  );
}

function ImportProblems({ message, problems }: { message: string; problems: RowProblem[] }) {
  return (
    <Box role="alert">
      <Text textStyle="strong" color="danger">
        {message}
      </Text>
      {problems.length > 0 && (
        <DataTable
          caption={WORDS.faultsTitle}
          columns={[
            { title: WORDS.line, isNumber: true },
            { title: WORDS.column },
            { title: WORDS.whatIsWrong },
          ]}
          rows={problems.map((one, i) => ({
            key: String(i),
            cells: [one.line, one.field, one.message],
          }))}
        />
      )}
    </Box>
  );
}

function useImport(url: string, setState: (state: State) => void) {
  const router = useRouter();
  const abort = useRef<AbortController>(undefined);
  const send = async (file: File) => {
    abort.current = new AbortController();
    setState({ kind: 'busy' });
    try {
      const response = await fetch(url, {
        method: 'POST',
        headers: { 'content-type': 'text/csv', 'idempotency-key': fileKey(url, file) },
        body: file,
        signal: abort.current.signal,
      });
      forgetFileKey(url, file);
      const body = (await response.json()) as WireFailure & { count?: number; importId?: string };
      if (response.ok && body.importId !== undefined) {
        setState({ kind: 'done', count: body.count ?? 0, importId: body.importId });
        router.refresh();
      } else {
        setState({
          kind: 'failed',
          message: body.message ?? WORDS.notImported,
          problems: body.details ?? [],
        });
      }
    } catch (error) {
      const isCancelled = error instanceof DOMException && error.name === 'AbortError';
      setState(
        isCancelled
          ? { kind: 'idle' }
          : {
              kind: 'failed',
              message: WORDS.refusedByServer,
              problems: [],
            },
      );
    }
  };
  return { send, cancel: () => abort.current?.abort() };
}
