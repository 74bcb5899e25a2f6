'use client';

import { useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Input, Text } from '@chakra-ui/react';
import type { RowProblem } from '@/formats/csv/typed-rows';
import { ActionButton } from '@/ui/fields/action-button';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { undoImportAction } from './actions';

interface WireFailure {
  message?: string;
  details?: RowProblem[];
}

type State =
  | { kind: 'idle' }
  | { kind: 'busy' }
  | { kind: 'done'; count: number; importId: string }
  | { kind: 'failed'; message: string; problems: RowProblem[] };

/** Takes readings in from a CSV file: all of it, or nothing and a list of what to mend. */
export function ImportReadings({ outingId, timeZone }: { outingId: string; timeZone: string }) {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const { send, cancel } = useImport(outingId, setState);
  const undo = async (importId: string) => {
    await undoImportAction(importId);
    setState({ kind: 'idle' });
  };
  return (
    <Part title="Take readings in from a file">
      <Text textStyle="small" color="faint" mb="2">
        CSV with units in the header, such as time; snow temperature [°C]; humidity [%]. Times
        without a zone are on the clock of {timeZone}. Up to 10,000 rows and 5 MB.
      </Text>
      <Flex gap="4" align="center" wrap="wrap">
        <Text as="label" {...{ htmlFor: 'readings-file' }} textStyle="small" fontWeight="650">
          CSV file of readings
        </Text>
        <Input
          id="readings-file"
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
        <FileLink href="/examples/readings.csv">An example file</FileLink>
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
            message={`${state.count} reading${state.count === 1 ? '' : 's'} taken in.`}
            onUndo={() => void undo(state.importId)}
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

function useImport(outingId: string, setState: (state: State) => void) {
  const router = useRouter();
  const abort = useRef<AbortController>(undefined);
  const send = async (file: File) => {
    abort.current = new AbortController();
    setState({ kind: 'busy' });
    try {
      const response = await fetch(`/api/v1/readings?outing=${encodeURIComponent(outingId)}`, {
        method: 'POST',
        headers: { 'content-type': 'text/csv' },
        body: file,
        signal: abort.current.signal,
      });
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
