'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { COMPLAINTS, NO_WAX_BASES, troubleStep, type Complaint, type Tried } from '@/core/grip';
import type { GripNote } from '@/data/grip-notes';
import { ActionButton } from '@/ui/fields/action-button';
import type { Answer } from '@/ui/fields/answer';
import { useWrite } from '@/ui/fields/use-write';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { dayAndTime } from '@/ui/format/times';
import { Part } from '@/ui/frame/sheet';
import { triedAction, untryAction } from './actions';

const COMPLAINT_WORDS: Record<Complaint, string> = {
  slipping: 'It slips',
  dragging: 'It drags',
  icing: 'It ices',
  wearing_off: 'It wears off',
};

interface TroublePartProps {
  outingId: string;
  timeZone: string;
  tried: readonly GripNote<Tried>[];
}

/** What to do when grip fails on snow, remembering what was tried. */
export function TroublePart({ outingId, timeZone, tried }: TroublePartProps) {
  const [complaint, setComplaint] = useState<Complaint>();
  const [failure, setFailure] = useState<string>();
  const advice =
    complaint &&
    troubleStep(
      complaint,
      tried.map((one) => one.content),
    );
  const { send } = useWrite();
  const run = async (what: string, work: (key: string) => Promise<Answer<unknown>>) => {
    const done = await send(what, work);
    if (done) setFailure(done.ok ? undefined : done.error.message);
  };
  const noteTried = (step: { complaint: Complaint; key: string }) =>
    run(`tried:${step.complaint}:${step.key}`, (key) => triedAction(key, outingId, step));
  const takeBack = (id: string) => run(`untry:${id}`, (key) => untryAction(key, id));
  return (
    <Part title="Trouble on snow">
      <ChoiceRow
        legend="What does it do?"
        name="complaint"
        optionWidth="96px"
        value={complaint}
        onChange={setComplaint}
        options={COMPLAINTS.map((value) => ({ value, label: COMPLAINT_WORDS[value] }))}
      />
      {advice && complaint && (
        <Box mt="4" aria-live="polite" data-testid="trouble">
          <Text textStyle="title">{advice.next?.title ?? 'Scrape bare and choose anew'}</Text>
          <Text textStyle="body">
            {advice.next?.how} {advice.reason}
          </Text>
          {advice.next && (
            <Flex mt="2">
              <ActionButton onClick={() => void noteTried({ complaint, key: advice.next!.key })}>
                Tried it
              </ActionButton>
            </Flex>
          )}
        </Box>
      )}
      <FieldProblemText problem={failure} />
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
                {dayAndTime(note.at, timeZone)}: {COMPLAINT_WORDS[note.content.complaint]},{' '}
                {note.content.key.replace(/_/g, ' ')}
              </Text>
              <ActionButton quiet onClick={() => void takeBack(note.id)}>
                Take back
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
    <Part title="Patterned and skin bases">
      {Object.values(NO_WAX_BASES).map((base) => (
        <Box as="details" key={base.title}>
          <Box as="summary" minH="target" cursor="pointer" textStyle="body" py="2">
            {base.title}
          </Box>
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
        </Box>
      ))}
    </Part>
  );
}
