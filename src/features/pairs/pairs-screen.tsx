'use client';

import type { Outing, StarterPairs } from '@/core/model';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { PairDay } from '@/core/pairs';
import { useWords } from '@/ui/format/use-words';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { pairsWords } from '@/words/areas/pairs';
import { pairsScreenWords } from '@/words/screens/pairs';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { AddStarters } from './add-starters';
import { StarterRow } from './starter-row';

const WORDS = pairsScreenWords.pairsScreen;

interface PairsScreenProps {
  outing: Outing;
  day: PairDay;
  rows: readonly StarterPairs[];
}

/** Which pair each skier of an outing takes, and why. */
export function PairsScreen({ outing, day, rows }: PairsScreenProps) {
  const acts = useAct();
  const path = `/outing/${outing.id}`;
  const withPair = rows.filter(({ skiId }) => skiId !== undefined).length;
  return (
    <Sheet question={WORDS.question} answer={<Answer rows={rows.length} withPair={withPair} />}>
      {rows.length > 0 && (
        <Box mb="6">
          <TheDay day={day} />
          <Flex gap="5" mt="2" wrap="wrap">
            <SheetLink href={`${path}/plan`}>{WORDS.planTheBench}</SheetLink>
            <SheetLink href={`${path}/skis`}>{WORDS.skis}</SheetLink>
          </Flex>
        </Box>
      )}
      <ActNotice acts={acts} />
      {rows.length > 0 && (
        <Part title={WORDS.list}>
          {rows.map((row) => (
            <StarterRow key={row.starter.id} row={row} path={path} acts={acts} />
          ))}
        </Part>
      )}
      <AddStarters outing={outing} acts={acts} />
    </Sheet>
  );
}

function Answer({ rows, withPair }: { rows: number; withPair: number }) {
  if (rows === 0) {
    return (
      <>
        <Text textStyle="title">{WORDS.nobody}</Text>
        <Text textStyle="body">{WORDS.startHere}</Text>
      </>
    );
  }
  return (
    <Text textStyle="hero" data-testid="pairs-given">
      {withPair === rows ? WORDS.allHave(rows) : WORDS.someHave(withPair, rows)}
    </Text>
  );
}

/** The day as the pairs meet it, and what the ranking does not know. */
function TheDay({ day }: { day: PairDay }) {
  const { write } = useWords();
  return (
    <>
      <Text textStyle="body">
        {day.widthMm === undefined
          ? WORDS.noDay
          : WORDS.theDay(`${write.number(day.widthMm, 2)} mm`, pairsWords.GROUND[day.ground])}
      </Text>
      <Text textStyle="small" color="faint">
        {WORDS.noTests}
      </Text>
    </>
  );
}
