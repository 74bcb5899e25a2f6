'use client';

import type { DoneJob, LogChoice, Outcome, Outing } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { TextField } from '@/ui/fields/text-field';
import { useWrite } from '@/ui/fields/use-write';
import { probability, seconds, temperature } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { DoneNotice, type Done } from '@/ui/frame/done-notice';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList } from '@/ui/wax/ranking-list';
import { Disclosure } from '@/ui/frame/disclosure';
import { PastPart } from './past-part';
import type { PastDay } from './use-cases/load-past';
import { OutcomePart } from './outcome-part';
import type { AskedOutcome } from './use-cases/load-outcomes';
import { BenchLog } from './bench-log';
import { restoreChoiceAction, withdrawChoiceAction } from './actions';
import { useLogSearch } from './use-log-search';
import { logScreenWords } from '@/words/screens/log';

const WORDS = logScreenWords.logScreen;
const OUTCOME = logScreenWords.outcome;

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
  /** How choices turned out, and which to ask about. */
  outcomes: { said: Readonly<Record<string, Outcome>>; asked: readonly AskedOutcome[] };
  /** Past days like that of this outing; undefined where nobody knows its snow. */
  past: readonly PastDay[] | undefined;
}

/** The Log: every choice as it was made, latest first. */
export function LogScreen({ outing, outings, view, jobs, outcomes, past }: LogScreenProps) {
  const { choices, words, page, pages } = view;
  const { search, setSearch, pagePath } = useLogSearch(outing.id, words);
  const isEmpty = view.count === 0 && words === '';
  const [notice, setNotice] = useState<Done<string>>();
  const { send } = useWrite();
  const byId = new Map(outings.map((one) => [one.id, one]));
  const withdraw = async (id: string) => {
    const done = await send(`withdraw:${id}`, (key) => withdrawChoiceAction(key, id));
    if (!done) return;
    setNotice(
      done.ok
        ? { message: WORDS.choiceWithdrawnItStaysIn, back: id }
        : { message: done.error.message },
    );
  };
  const undo = async (id: string) => {
    const done = await send(`restore:${id}`, (key) => restoreChoiceAction(key, id));
    if (done) setNotice(done.ok ? undefined : { message: done.error.message });
  };
  return (
    <Sheet
      question={WORDS.whatWasChosenAndWhy}
      answer={<LogAnswer view={view} byId={byId} outing={outing} />}
    >
      <OutcomePart asked={outcomes.asked} />
      {past && <PastPart past={past} />}
      <Part
        title={WORDS.choices}
        aside={
          !isEmpty && (
            <Flex gap="4">
              <FileLink href="/api/v1/choices?format=csv">{WORDS.csv}</FileLink>
              <FileLink href="/api/v1/choices?format=json">{WORDS.json}</FileLink>
              <SheetLink href={`/outing/${outing.id}/learning`}>{OUTCOME.learning}</SheetLink>
              <SheetLink href={`/outing/${outing.id}/season`}>{OUTCOME.season}</SheetLink>
            </Flex>
          )
        }
      >
        <DoneNotice notice={notice} onUndo={undo} onClose={() => setNotice(undefined)} />
        {!isEmpty && (
          <Box maxW="360px" mb="2">
            <TextField label={WORDS.findByWaxOutingOr} value={search} onChange={setSearch} />
          </Box>
        )}
        {!isEmpty && choices.length === 0 && (
          <Text textStyle="body">{WORDS.nothingInTheLogHas}</Text>
        )}
        <Box as="ol" listStyleType="none" m="0" p="0" data-testid="log">
          {choices.map((choice) => (
            <Entry
              key={choice.id}
              choice={choice}
              outing={byId.get(choice.outingId)}
              outcome={outcomes.said[choice.id]}
              onWithdraw={() => void withdraw(choice.id)}
            />
          ))}
        </Box>
        {pages > 1 && (
          <Flex as="nav" aria-label={WORDS.pagesOfTheLog} gap="4" align="center" mt="3">
            {page > 1 && <SheetLink href={pagePath(page - 1)}>{WORDS.newerChoices}</SheetLink>}
            <Text textStyle="small">{WORDS.pageOf(page, pages)}</Text>
            {page < pages && <SheetLink href={pagePath(page + 1)}>{WORDS.olderChoices}</SheetLink>}
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
  if (!latest && view.words !== '') return <Text textStyle="title">{WORDS.nothingFound}</Text>;
  if (!latest) {
    return (
      <>
        <Text textStyle="title">{WORDS.nothingYet}</Text>
        <SheetLink href={`/outing/${outing.id}/pick`}>{WORDS.chooseAWaxAndSave}</SheetLink>
      </>
    );
  }
  const where = byId.get(latest.outingId);
  return (
    <>
      <Text textStyle="hero">{latest.productName}</Text>
      <Text textStyle="body">
        {WORDS.ofFor(
          view.words === '' && view.page === 1 ? WORDS.theLatest : WORDS.theFirst,
          view.count,
          where?.name ?? WORDS.anOutingThatIsGone,
        )}
      </Text>
    </>
  );
}

interface EntryProps {
  choice: LogChoice;
  outing: Outing | undefined;
  outcome: Outcome | undefined;
  onWithdraw: () => void;
}

function Entry({ choice, outing, outcome, onWithdraw }: EntryProps) {
  const units = useUnits();
  const ranked = choice.taken;
  return (
    <Box as="li" borderTopWidth="1px" borderColor="rule" py="3">
      <Flex gap="4" wrap="wrap" align="baseline" justify="space-between">
        <Box>
          <Text textStyle="title">{choice.productName}</Text>
          <Text textStyle="small" color="faint">
            {WORDS.chosen(
              outing?.name ?? WORDS.outingGone,
              dayAndTime(choice.createdAt, outing?.venue.timeZone ?? 'UTC'),
            )}
          </Text>
        </Box>
        <Flex gap="5" align="center" wrap="wrap">
          <Text textStyle="strong">{temperature(choice.equivalentTemperatureC, units)}</Text>
          <NotchGauge hardness={choice.hardness} size={20} />
          {ranked && (
            <Text textStyle="body">
              {WORDS.best(
                ranked.expectedLossSeconds === undefined
                  ? `${ranked.expectedLossPercent.toFixed(2)} %`
                  : `${ranked.expectedLossPercent.toFixed(2)} % (${seconds(ranked.expectedLossSeconds)})`,
                probability(ranked.probabilityBest),
              )}
            </Text>
          )}
        </Flex>
      </Flex>
      {choice.note && <Text textStyle="body">{choice.note}</Text>}
      {outcome && (
        <Text textStyle="body">
          {OUTCOME.was(OUTCOME.GLIDE[outcome.glide], OUTCOME.FEEL[outcome.feel])}
        </Text>
      )}
      <Disclosure mt="1" title={WORDS.ledgerAndShelfAsThey(choice.modelVersion)}>
        <Box maxW="720px">
          <LedgerTable
            lines={choice.lines}
            equivalentTemperatureC={choice.equivalentTemperatureC}
          />
          <RankingList ranking={choice.top} products={choice.products} />
        </Box>
        <ActionButton quiet mt="3" onClick={onWithdraw}>
          {WORDS.withdrawThisChoice}
        </ActionButton>
      </Disclosure>
    </Box>
  );
}
