'use client';

import type { Outing } from '@/core/model';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { choiceWords } from '@/words/areas/choice';
import { learningScreenWords } from '@/words/screens/learning';
import { dayAndTime } from '@/words/times';
import { ResultsPart } from './results-part';
import { ActNotice } from '@/writes/act-notice';
import { useLearning } from './use-learning';
import type { LearningView, Moved } from './use-cases/load-learning';
import { fixed } from '@/words/quantities';

const WORDS = learningScreenWords.learning;

/** An offset smaller than this changes no choice. */
const NOTHING_C = 0.1;

/** What an offset means for the choice; one within its own spread may still be chance. */
function meaningOf({ now, sd }: Moved): keyof typeof WORDS.MEANING {
  if (Math.abs(now) < NOTHING_C) return 'none';
  const isSure = Math.abs(now) > sd;
  if (now > 0) return isSure ? 'softer' : 'softer_maybe';
  return isSure ? 'harder' : 'harder_maybe';
}

interface LearningScreenProps {
  outing: Outing;
  view: LearningView;
}

/** Learning: what results have made of the ledger here, from what to what, and by which of them. */
export function LearningScreen({ outing, view }: LearningScreenProps) {
  const { write } = useWords();
  const learning = useLearning();
  const { offset, here, count, spread, sinceAt } = view;
  const path = `/outing/${outing.id}`;
  const { timeZone } = outing.venue;
  return (
    <Sheet
      question={WORDS.question}
      answer={
        count === 0 ? (
          <>
            <Text textStyle="hero">{WORDS.nothing}</Text>
            <Text textStyle="body">{WORDS.nothingHint}</Text>
          </>
        ) : (
          <>
            <Text textStyle="hero" data-testid="learned-offset">
              {WORDS.offsetIs(write.change(offset.now), write.difference(offset.sd))}
            </Text>
            <Text textStyle="title">{WORDS.at(outing.venue.name)}</Text>
            <Text textStyle="body">
              {WORDS.from(here.tests, here.outcomes, count - here.tests - here.outcomes)}{' '}
              {WORDS.MEANING[meaningOf(offset)]}{' '}
              {WORDS.spread(write.difference(spread.before), write.difference(spread.now))}
            </Text>
          </>
        )
      }
    >
      <Flex gap="5" wrap="wrap">
        <SheetLink href={`${path}/test`}>{WORDS.toTest}</SheetLink>
        <SheetLink href={`${path}/log`}>{WORDS.toLog}</SheetLink>
      </Flex>
      <ActNotice acts={learning.acts} />
      {sinceAt !== undefined && (
        <Flex gap="4" align="center" wrap="wrap">
          <Text textStyle="body">{WORDS.since(dayAndTime(sinceAt, timeZone))}</Text>
          <ActionButton quiet onClick={() => void learning.remember(null)}>
            {WORDS.countAll}
          </ActionButton>
        </Flex>
      )}
      {count > 0 && <Coefficients view={view} />}
      <ResultsPart results={view.results} learning={learning} />
      {count > 0 && (
        <Box mt="4">
          <ActionButton quiet onClick={() => void learning.forget()}>
            {WORDS.forget}
          </ActionButton>
        </Box>
      )}
    </Sheet>
  );
}

const DECIMALS = 2;
const HOUSE_FACTOR = 1;

/** From what to what each part of the ledger went, and how each venue differs. */
function Coefficients({ view: { offset, lines, venues } }: { view: LearningView }) {
  const { write } = useWords();
  const times = (value: number, sd: number) =>
    WORDS.times(fixed(value, DECIMALS), fixed(sd, DECIMALS));
  const degrees = (value: number, sd: number) => `${write.change(value)} ± ${write.difference(sd)}`;
  const row = (
    key: string,
    name: string,
    { moved, house, said }: { moved: Moved; house: number; said: typeof times },
  ) => ({
    key,
    cells: [name, said(house, moved.priorSd), said(moved.now, moved.sd)],
  });
  return (
    <SimpleGrid columns={{ base: 1, lg: 2 }} gapX="12">
      <Part title={WORDS.coefficients}>
        <DataTable
          caption={WORDS.coefficientsTable}
          columns={[
            { title: WORDS.coefficient },
            { title: WORDS.before, isNumber: true },
            { title: WORDS.now, isNumber: true },
          ]}
          rows={[
            row('offset', WORDS.offset, { moved: offset, house: 0, said: degrees }),
            ...lines.map((line) =>
              row(line.key, choiceWords.LEDGER_LABEL[line.key], {
                moved: line,
                house: HOUSE_FACTOR,
                said: times,
              }),
            ),
          ]}
        />
      </Part>
      <Part title={WORDS.venues}>
        <DataTable
          caption={WORDS.venuesTable}
          columns={[{ title: WORDS.venue }, { title: WORDS.offsetOf, isNumber: true }]}
          rows={venues.map(({ id, name, offsetC, sdC }) => ({
            key: id,
            cells: [name, degrees(offsetC, sdC)],
          }))}
        />
      </Part>
    </SimpleGrid>
  );
}
