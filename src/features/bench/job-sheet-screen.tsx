'use client';

import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { PROGRAMMES, type Programme } from '@/core/bench';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList } from '@/ui/fields/check-list';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useWrite } from '@/ui/fields/use-write';
import { useScales } from '@/ui/fields/scales';
import { benchWords } from '@/words/areas/bench';
import { benchScreenWords } from '@/words/screens/bench';
import { useWords } from '@/ui/format/use-words';
import { span } from '@/words/times';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { act } from '@/writes/act';
import { planAction } from './actions';
import { StepsList } from './steps-list';
import type { ShownSheet } from './use-cases/show-sheet';

const WORDS = benchScreenWords.planScreen;

interface PlanScreenProps {
  outingId: string;
  planned: ShownSheet;
}

const SETTLE_MS = 350;
const MINUTE_MS = 60_000;

/** The sheet before it is started: its programmes to tick, its steps to read or print. */
export function JobSheetScreen({ outingId, planned: first }: PlanScreenProps) {
  const scales = useScales();
  const router = useRouter();
  const { skiId, suggested } = first;
  const [programmes, setProgrammes] = useState<Programme[]>(first.sheet.programmes);
  const [roomC, setRoomC] = useState<number | undefined>(first.roomC);
  const [planned, setPlanned] = useState(first);
  const [problem, setProblem] = useState<string>();
  const { send, isBusy: isStarting } = useWrite();
  const [isChanged, setIsChanged] = useState(false);
  const request = { outingId, skiId, programmes, roomC };
  const key = JSON.stringify(request);
  useEffect(() => {
    if (!isChanged) return undefined;
    let isGone = false;
    const timer = setTimeout(() => {
      planAction(JSON.parse(key)).then(
        (done) => {
          if (isGone) return;
          if (done.ok) setPlanned(done.value);
          setProblem(done.ok ? undefined : done.error.message);
        },
        () => !isGone && setProblem(WORDS.noAnswerFromTheServer),
      );
    }, SETTLE_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, [key, isChanged]);
  const start = async () => {
    const done = await send(`start:${key}`, (writeKey) => act('job.start', writeKey, request));
    if (done?.ok) router.push(`/outing/${outingId}/bench?job=${done.value.id}`);
    else if (done) setProblem(done.error.message);
  };
  const { say } = useWords();
  const { sheet } = planned;
  return (
    <Sheet
      question={WORDS.theJobSheetOf(sheet.title)}
      answer={
        <>
          <Text textStyle="hero" data-testid="sheet-minutes">
            {WORDS.ofWork(span(sheet.activeMin * MINUTE_MS))}
          </Text>
          <Text textStyle="strong">
            {WORDS.stepsOfWaitingBetweenThem(
              sheet.steps.length,
              span(sheet.waitMin * MINUTE_MS),
              planned.choiceName ? WORDS.forWord(planned.choiceName) : '',
            )}
          </Text>
        </>
      }
    >
      {!planned.choiceId && (
        <Box mb="3">
          <Caution>{WORDS.noWaxChosen}</Caution>
          <SheetLink href={`/outing/${outingId}/pick`}>{WORDS.chooseTheWaxFirst}</SheetLink>
        </Box>
      )}
      {planned.isShortened && (
        <Text textStyle="body" mb="3">
          {WORDS.shortened}
        </Text>
      )}
      {sheet.notes.map((note) => (
        <Caution key={note}>{note}</Caution>
      ))}
      <Flex gap="4" align="center" wrap="wrap" mb="6" className="no-print">
        <ActionButton minH="targetLarge" loading={isStarting} onClick={() => void start()}>
          {WORDS.startThisJob}
        </ActionButton>
        <ActionButton quiet onClick={() => window.print()}>
          {WORDS.printTheSheet}
        </ActionButton>
        <SheetLink href={`/outing/${outingId}/skis/${skiId}`}>{WORDS.lookTheSkiOver}</SheetLink>
      </Flex>
      <FieldProblemText problem={problem} />
      <Grid templateColumns={{ base: '1fr', lg: '4fr 9fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0" className="no-print">
          <Part title={WORDS.programmes}>
            {suggested.map((one) => (
              <Text key={one.key} textStyle="small" mb="1">
                <strong>{benchWords.PROGRAMME[one.key]}</strong>:{' '}
                {say(benchWords.PROGRAMME_REASON, one.reason)}
              </Text>
            ))}
            <Box mt="3">
              <CheckList
                legend={WORDS.addOrLeaveOut}
                options={PROGRAMMES}
                words={benchWords.PROGRAMME}
                checked={programmes}
                onChange={(next) => {
                  setIsChanged(true);
                  setProgrammes(next);
                }}
              />
            </Box>
            <Box mt="3" maxW="260px">
              <NumberField
                label={WORDS.theRoom}
                scale={scales.temperature}
                step={1}
                decimals={0}
                value={roomC}
                onChange={(next) => {
                  setIsChanged(true);
                  setRoomC(next);
                }}
              />
            </Box>
          </Part>
        </Box>
        <Box minW="0">
          <Part title={WORDS.stepByStep}>
            <StepsList sheet={sheet} />
            <Text textStyle="small" color="faint" mt="3">
              {benchWords.FIRST_OF_ALL}
            </Text>
          </Part>
        </Box>
      </Grid>
    </Sheet>
  );
}
