'use client';

import { useRef, useState, type ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { ActionButton } from '../fields/action-button';
import type { Answer } from '../fields/answer';
import { useWrite } from '../fields/use-write';
import { fileKey, forgetFileKey } from '../fields/file-key';
import { DataTable } from './data-table';
import { Part } from './sheet';
import { UndoNotice } from './undo-notice';

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
  noun: string;
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
export function CsvImport({ title, hint, label, id, url, links, noun, onUndo }: CsvImportProps) {
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
      <Flex gap="4" align="center" wrap="wrap">
        <Text as="label" {...{ htmlFor: id }} textStyle="small" fontWeight="650">
          {label}
        </Text>
        <Input
          id={id}
          type="file"
          accept=".csv,text/csv,.txt"
          maxW="360px"
          h="target"
          pt="1.5"
          borderColor="edge"
          disabled={state.kind === 'busy'}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void send(file);
            event.target.value = '';
          }}
        />
        {links}
        {state.kind === 'busy' && (
          <Flex gap="3" align="center" role="status">
            <Text textStyle="body">Reading the file…</Text>
            <ActionButton quiet onClick={cancel}>
              Cancel
            </ActionButton>
          </Flex>
        )}
      </Flex>
      <Box mt="3">
        {state.kind === 'done' && (
          <UndoNotice
            message={`${state.count} ${noun}${state.count === 1 ? '' : 's'} taken in.`}
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
          caption="What to mend in the file"
          columns={[
            { title: 'Line', isNumber: true },
            { title: 'Column' },
            { title: 'What is wrong' },
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
          message: body.message ?? 'The file was not taken in.',
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
              message: 'The server did not take the file. Nothing was taken in; try again.',
              problems: [],
            },
      );
    }
  };
  return { send, cancel: () => abort.current?.abort() };
}
