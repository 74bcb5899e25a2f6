'use client';

import type { GripNote } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { COMPLAINTS, NO_WAX_BASES, troubleStep, type Complaint, type Tried } from '@/core/grip';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { gripWords } from '@/words/areas/grip';
import { gripScreenWords } from '@/words/screens/grip';
import { dayAndTime } from '@/words/times';
import { troubleWords } from '@/words/rendered/grip';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { Disclosure } from '@/ui/frame/disclosure';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = gripScreenWords.troublePart;

interface TroublePartProps {
  outingId: string;
  timeZone: string;
  tried: readonly GripNote<Tried>[];
}

/** What to do when grip fails on snow, remembering what was tried. */
export function TroublePart({ outingId, timeZone, tried }: TroublePartProps) {
  const [complaint, setComplaint] = useState<Complaint>();
  const advice =
    complaint &&
    troubleStep(
      complaint,
      tried.map((one) => one.content),
    );
  const { say } = useWords();
  const next = advice?.next && troubleWords(advice.next);
  const acts = useAct();
  const noteTried = (step: { complaint: Complaint; key: string }) =>
    acts.write('grip.tried', { id: outingId, step });
  const takeBack = (id: string) => acts.write('grip.untry', { id });
  return (
    <Part title={WORDS.troubleOnSnow}>
      <ChoiceRow
        legend={WORDS.whatDoesItDo}
        name="complaint"
        optionWidth="96px"
        value={complaint}
        onChange={setComplaint}
        options={optionsOf(COMPLAINTS, gripWords.COMPLAINT)}
      />
      {advice && complaint && (
        <Box mt="4" aria-live="polite" data-testid="trouble">
          <Text textStyle="title">{next?.title ?? WORDS.scrapeBareAndChooseAgain}</Text>
          <Text textStyle="body">
            {next?.how} {say(gripWords.TROUBLE_REASON, advice.reason)}
          </Text>
          {advice.next && (
            <Flex mt="2">
              <ActionButton onClick={() => void noteTried({ complaint, key: advice.next!.key })}>
                {WORDS.triedIt}
              </ActionButton>
            </Flex>
          )}
        </Box>
      )}
      <ActNotice acts={acts} />
      {tried.length > 0 && (
        <Box as="ul" listStyleType="none" m="0" p="0" mt="4">
          {tried.map((note) => (
            <Flex
              as="li"
              key={note.id}
              justify="space-between"
              align="center"
              gap="3"
              py="1"
              borderTopWidth="1px"
              borderColor="rule"
            >
              <Text textStyle="small">
                {dayAndTime(note.at, timeZone)}: {gripWords.COMPLAINT[note.content.complaint]},{' '}
                {troubleWords(note.content).title}
              </Text>
              <ActionButton quiet onClick={() => void takeBack(note.id)}>
                {WORDS.takeBack}
              </ActionButton>
            </Flex>
          ))}
        </Box>
      )}
    </Part>
  );
}

/** Bases that carry no grip wax. */
export function NoWaxPart() {
  return (
    <Part title={WORDS.patternedAndSkinBases}>
      {NO_WAX_BASES.map((key) => gripWords.NO_WAX_BASE[key]).map((base) => (
        <Disclosure key={base.title} title={base.title}>
          <Box as="ul" pl="5" textStyle="body">
            {base.todo.map((line) => (
              <li key={line}>{line}</li>
            ))}
            {base.never.map((line) => (
              <li key={line}>
                <strong>{line}</strong>
              </li>
            ))}
          </Box>
        </Disclosure>
      ))}
    </Part>
  );
}
