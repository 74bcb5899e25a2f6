'use client';

import type { Outing, Starter, StarterPairs } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { PairDay } from '@/core/pairs';
import { useWrite } from '@/ui/fields/use-write';
import { useWords } from '@/ui/format/use-words';
import { DoneNotice, type Done } from '@/ui/frame/done-notice';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { pairsWords } from '@/words/areas/pairs';
import { pairsScreenWords } from '@/words/screens/pairs';
import { act } from '@/writes/act';
import { AddStarters } from './add-starters';
import { StarterRow } from './starter-row';

const WORDS = pairsScreenWords.pairsScreen;

/** What undoes a change: starters as they were, or those that came to take off again. */
type Back = { asBefore: Starter } | { putBack: Starter[] } | { takeOff: string[] };

interface PairsScreenProps {
  outing: Outing;
  day: PairDay;
  rows: readonly StarterPairs[];
}

/** Which pair each skier of an outing takes, and why. */
export function PairsScreen({ outing, day, rows }: PairsScreenProps) {
  const { send } = useWrite();
  const [notice, setNotice] = useState<Done<Back>>();
  const undo = async (back: Back) => {
    const done = await send<unknown>(`undo:${JSON.stringify(back)}`, async (key) => {
      if ('takeOff' in back) return act('starter.off', key, { ids: back.takeOff });
      if ('putBack' in back) return act('starter.back', key, { starters: back.putBack });
      return act('starter.change', key, { id: back.asBefore.id, change: back.asBefore });
    });
    if (done) setNotice(done.ok ? undefined : { message: done.error.message });
  };
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
      <DoneNotice notice={notice} onUndo={undo} onClose={() => setNotice(undefined)} />
      {rows.length > 0 && (
        <Part title={WORDS.list}>
          {rows.map((row) => (
            <StarterRow
              key={row.starter.id}
              row={row}
              path={path}
              onChanged={(message, before) =>
                setNotice({ message, back: before && { asBefore: before } })
              }
              onTakenOff={(message, removed) =>
                setNotice({ message, back: removed && { putBack: removed } })
              }
            />
          ))}
        </Part>
      )}
      <AddStarters
        outing={outing}
        onAdded={(message, ids) =>
          setNotice({ message, back: ids.length > 0 ? { takeOff: ids } : undefined })
        }
      />
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
