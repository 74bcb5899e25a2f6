'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { DoneJob } from '@/data/jobs';
import type { LogChoice } from '@/data/log-choices';
import type { Outing } from '@/data/outings';
import { ActionButton } from '@/ui/fields/action-button';
import { TextField } from '@/ui/fields/text-field';
import { useWrite } from '@/ui/fields/use-write';
import { probability, temperature } from '@/ui/format/quantities';
import { dayAndTime } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList } from '@/ui/wax/ranking-list';
import { BenchLog } from './bench-log';
import { restoreChoiceAction, withdrawChoiceAction } from './actions';
import { useLogSearch } from './use-log-search';

/** A page of the choices that have the words. */
export interface LogView {
  choices: readonly LogChoice[];
  count: number;
  words: string;
  page: number;
  pages: number;
}

interface LogScreenProps {
  outing: Outing;
  outings: readonly Outing[];
  view: LogView;
  /** Done on the bench for this outing. */
  jobs: readonly DoneJob[];
}

/** The Log: every choice as it was made, latest first. */
export function LogScreen({ outing, outings, view, jobs }: LogScreenProps) {
  const { choices, words, page, pages } = view;
  const { search, setSearch, pagePath } = useLogSearch(outing.id, words);
  const isEmpty = view.count === 0 && words === '';
  const [notice, setNotice] = useState<{ message: string; undoId?: string }>();
  const { send } = useWrite();
  const byId = new Map(outings.map((one) => [one.id, one]));
  const withdraw = async (id: string) => {
    const done = await send(`withdraw:${id}`, (key) => withdrawChoiceAction(key, id));
    if (!done) return;
    setNotice(
      done.ok
        ? { message: 'Choice withdrawn. It stays in the record.', undoId: id }
        : { message: done.error.message },
    );
  };
  const undo = async (id: string) => {
    const done = await send(`restore:${id}`, (key) => restoreChoiceAction(key, id));
    if (done) setNotice(done.ok ? undefined : { message: done.error.message });
  };
  return (
    <Sheet
      question="What was chosen, and why?"
      answer={<LogAnswer view={view} byId={byId} outing={outing} />}
    >
      <Part
        title="Choices"
        aside={
          !isEmpty && (
            <Flex gap="4">
              <FileLink href="/api/v1/choices?format=csv">CSV</FileLink>
              <FileLink href="/api/v1/choices?format=json">JSON</FileLink>
            </Flex>
          )
        }
      >
        {notice && (
          <UndoNotice
            message={notice.message}
            onUndo={notice.undoId ? () => void undo(notice.undoId!) : undefined}
            onClose={() => setNotice(undefined)}
          />
        )}
        {!isEmpty && (
          <Box maxW="360px" mb="2">
            <TextField label="Find by wax, outing or note" value={search} onChange={setSearch} />
          </Box>
        )}
        {!isEmpty && choices.length === 0 && (
          <Text textStyle="body">Nothing in the log has these words.</Text>
        )}
        <Box as="ol" listStyleType="none" m="0" p="0" data-testid="log">
          {choices.map((choice) => (
            <Entry
              key={choice.id}
              choice={choice}
              outing={byId.get(choice.outingId)}
              onWithdraw={() => void withdraw(choice.id)}
            />
          ))}
        </Box>
        {pages > 1 && (
          <Flex as="nav" aria-label="Pages of the log" gap="4" align="center" mt="3">
            {page > 1 && <SheetLink href={pagePath(page - 1)}>Newer choices</SheetLink>}
            <Text textStyle="small">
              Page {page} of {pages}
            </Text>
            {page < pages && <SheetLink href={pagePath(page + 1)}>Older choices</SheetLink>}
          </Flex>
        )}
      </Part>
      <BenchLog outing={outing} jobs={jobs} />
    </Sheet>
  );
}

function LogAnswer(props: { view: LogView; byId: ReadonlyMap<string, Outing>; outing: Outing }) {
  const { view, byId, outing } = props;
  const latest = view.choices[0];
  if (!latest && view.words !== '') return <Text textStyle="title">Nothing found.</Text>;
  if (!latest) {
    return (
      <>
        <Text textStyle="title">Nothing yet.</Text>
        <SheetLink href={`/outing/${outing.id}/pick`}>Choose a wax and save it</SheetLink>
      </>
    );
  }
  const where = byId.get(latest.outingId);
  return (
    <>
      <Text textStyle="hero">{latest.productName}</Text>
      <Text textStyle="body">
        {view.words === '' && view.page === 1 ? 'the latest' : 'the first'} of {view.count}, for{' '}
        {where?.name ?? 'an outing that is gone'}
      </Text>
    </>
  );
}

interface EntryProps {
  choice: LogChoice;
  outing: Outing | undefined;
  onWithdraw: () => void;
}

function Entry({ choice, outing, onWithdraw }: EntryProps) {
  const units = useUnits();
  const ranked = choice.taken;
  /** What is folded is made when it is first opened: a long log is mostly folded. */
  const [isOpen, setIsOpen] = useState(false);
  return (
    <Box as="li" borderTopWidth="1px" borderColor="rule" py="3">
      <Flex gap="4" wrap="wrap" align="baseline" justify="space-between">
        <Box>
          <Text textStyle="title">{choice.productName}</Text>
          <Text textStyle="small" color="faint">
            {outing?.name ?? 'Outing gone'}, chosen{' '}
            {dayAndTime(choice.createdAt, outing?.venue.timeZone ?? 'UTC')}
          </Text>
        </Box>
        <Flex gap="5" align="center" wrap="wrap">
          <Text textStyle="strong">{temperature(choice.equivalentTemperatureC, units)}</Text>
          <NotchGauge hardness={choice.hardness} size={20} />
          {ranked && (
            <Text textStyle="body">
              {ranked.expectedLossPercent.toFixed(2)} %, best {probability(ranked.probabilityBest)}
            </Text>
          )}
        </Flex>
      </Flex>
      {choice.note && <Text textStyle="body">{choice.note}</Text>}
      <Box as="details" mt="1" onToggle={() => setIsOpen(true)}>
        <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
          Ledger and shelf as they were (model {choice.modelVersion})
        </Box>
        {isOpen && (
          <>
            <Box maxW="720px">
              <LedgerTable
                lines={choice.lines}
                equivalentTemperatureC={choice.equivalentTemperatureC}
              />
              <RankingList ranking={choice.top} products={choice.products} />
            </Box>
            <ActionButton quiet mt="3" onClick={onWithdraw}>
              Withdraw this choice
            </ActionButton>
          </>
        )}
      </Box>
    </Box>
  );
}
