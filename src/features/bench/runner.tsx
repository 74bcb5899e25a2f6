'use client';

import { useEffect, useRef, useState } from 'react';
import NextLink from 'next/link';
import { Box, Flex, SimpleGrid, Text, chakra } from '@chakra-ui/react';
import { FIRST_OF_ALL, jobState, type Step } from '@/core/bench';
import type { Job } from '@/data/jobs';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useServerClock } from '@/ui/format/server-clock';
import { countdown, span } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { dropAction } from './actions';
import { figuresLine } from './figures-line';
import { PaceGuide } from './pace-guide';
import { StepsList } from './steps-list';
import { StrokeCounter } from './stroke-counter';
import { useRunner, type RunnerState } from './use-runner';

const Tab = chakra(NextLink);

interface RunnerProps {
  job: Job;
  /** Every job under way, for the tabs. */
  open: readonly Job[];
  outingId: string;
  serverNowMs: number;
}

const whereIn = (name: string, position: number, count: number) =>
  position < count ? `${name}, step ${position + 1} of ${count}` : `${name}, all ${count} steps`;

/** The runner: one step large on the screen, one key or thumb to go on. */
export function Runner({ job, open, outingId, serverNowMs }: RunnerProps) {
  const runner = useRunner(job);
  const { state, current, busy, move } = runner;
  const now = useServerClock(serverNowMs);
  const bench = `/outing/${outingId}/bench`;
  return (
    <Sheet
      question={whereIn(job.sheet.title, state.position, job.sheet.steps.length)}
      answer={<StepTitle position={state.position} title={current?.title ?? 'Done'} />}
    >
      <Tabs open={open} job={job} bench={bench} />
      {current ? (
        <>
          <StepFace key={current.key} step={current} runner={runner} now={now} />
          <Flex
            gap="3"
            wrap="wrap"
            mt="4"
            py="2"
            align="center"
            position="sticky"
            bottom={{ base: 'calc(57px + var(--rack-drawer, 0px))', md: 'var(--rack-height, 0px)' }}
            bg="paper"
            borderTopWidth="1px"
            borderColor="rule"
            zIndex="2"
          >
            <ActionButton
              minH={{ base: '60px', md: '72px' }}
              px="6"
              flex={{ base: '1 1 100%', sm: '0 0 300px' }}
              textStyle="title"
              loading={busy === 'next'}
              onClick={() => void move('next')}
            >
              {state.wait && now < state.wait.dueMs ? 'End the wait early' : 'Done, next'}
            </ActionButton>
            <ActionButton
              quiet
              minH={{ base: 'target', md: '72px' }}
              loading={busy === 'back'}
              disabled={state.position === 0}
              onClick={() => void move('back')}
            >
              One step back
            </ActionButton>
            <Skip key={state.position} runner={runner} />
          </Flex>
          <Text textStyle="small" color="faint" mt="1">
            Space: next. u: back.
          </Text>
        </>
      ) : (
        <Finished runner={runner} job={job} outingId={outingId} />
      )}
      <FieldProblemText problem={runner.problem} />
      <Box mt="8">
        <Part title="The whole sheet">
          <StepsList sheet={job.sheet} records={job.records} position={state.position} />
          <Text textStyle="small" color="faint" mt="3">
            {FIRST_OF_ALL}
          </Text>
          {current && <PutAway jobId={job.id} name={job.sheet.title} />}
        </Part>
      </Box>
    </Sheet>
  );
}

/** The step's name; it takes the focus when the step changes. */
function StepTitle({ position, title }: { position: number; title: string }) {
  const heading = useRef<HTMLParagraphElement>(null);
  const shown = useRef(position);
  useEffect(() => {
    if (shown.current === position) return;
    shown.current = position;
    // A reader hears the new step, and the one key goes on from here.
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [position]);
  return (
    <Text ref={heading} tabIndex={-1} outline="none" textStyle="hero" data-testid="step-title">
      {title}
    </Text>
  );
}

function Tabs({ open, job, bench }: { open: readonly Job[]; job: Job; bench: string }) {
  const others = open.some((one) => one.id === job.id) ? open : [job, ...open];
  return (
    <Flex as="nav" aria-label="Skis on the bench" gap="0" overflowX="auto" mb="6">
      {others.map((one) => {
        const isHere = one.id === job.id;
        const state = jobState(one.sheet, one.records);
        return (
          <Tab
            key={one.id}
            href={`${bench}?job=${one.id}`}
            prefetch={false}
            aria-current={isHere ? 'page' : undefined}
            px="4"
            py="2"
            minH="target"
            borderWidth="1px"
            ml="-1px"
            borderColor="edge"
            whiteSpace="nowrap"
            bg={isHere ? 'ink' : 'sheet'}
            color={isHere ? 'paper' : 'ink'}
          >
            <Text as="span" textStyle="strong">
              {one.sheet.title}
            </Text>{' '}
            <Text as="span" textStyle="small">
              {state.wait ? 'waits' : state.isDone ? 'done' : `step ${state.position + 1}`}
            </Text>
          </Tab>
        );
      })}
      <Tab
        href={bench}
        prefetch={false}
        px="4"
        py="2"
        minH="target"
        borderWidth="1px"
        ml="-1px"
        borderColor="edge"
        whiteSpace="nowrap"
        bg="sheet"
      >
        Another ski
      </Tab>
    </Flex>
  );
}

function StepFace({ step, runner, now }: { step: Step; runner: RunnerState; now: number }) {
  const units = useUnits();
  const scales = useScales();
  const { wait } = runner.state;
  const { temperatureC, passS, passes, strokes, grams } = step.figures;
  const isOver = wait !== undefined && now >= wait.dueMs;
  return (
    <Box>
      {wait ? (
        <Text
          fontSize={{ base: '72px', md: '112px' }}
          lineHeight="1"
          fontWeight="650"
          color={isOver ? 'danger' : 'ink'}
          role="timer"
          data-testid="countdown"
        >
          {isOver ? 'Over' : countdown(wait.dueMs - now)}
        </Text>
      ) : (
        <Text textStyle="hero" data-testid="step-figures">
          {figuresLine(step, units)}
        </Text>
      )}
      {wait && (
        <Text textStyle="strong">
          {isOver
            ? `Since ${span(now - wait.dueMs)}.`
            : now < wait.leastMs
              ? `At least ${span(wait.leastMs - now + 59_000)} more.`
              : 'Long enough if it must be; the whole time is better.'}
        </Text>
      )}
      <Text textStyle="title" mt="3" maxW="900px" textWrap="pretty">
        {step.what}
      </Text>
      <Text textStyle="body" mt="2">
        <strong>Done when:</strong> {step.doneWhen}
      </Text>
      {step.caution && (
        <Box mt="3">
          <Caution>{step.caution}</Caution>
        </Box>
      )}
      <Text textStyle="small" color="faint">
        {step.tool}. {step.reason}
        {step.school ? ` Our way: ${step.school.toLowerCase()}.` : ''}
      </Text>
      {passS !== undefined && <PaceGuide passS={passS} passes={passes ?? 1} />}
      {strokes !== undefined && strokes > 1 && <StrokeCounter wanted={strokes} />}
      {(temperatureC !== undefined || grams !== undefined) && (
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4" maxW="520px" mt="3">
          {temperatureC !== undefined && (
            <NumberField
              label="Set at the iron"
              scale={scales.temperature}
              step={5}
              decimals={0}
              value={runner.setC}
              onChange={(setC) => runner.type({ setC })}
            />
          )}
          {grams !== undefined && (
            <NumberField
              label="Taken from the shelf"
              scale={scales.grams}
              step={0.5}
              value={runner.grams}
              onChange={(taken) => runner.type({ grams: taken })}
            />
          )}
        </SimpleGrid>
      )}
    </Box>
  );
}

function Skip({ runner }: { runner: RunnerState }) {
  const [isAsking, setIsAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (!isAsking) {
    return (
      <ActionButton quiet minH={{ base: 'target', md: '72px' }} onClick={() => setIsAsking(true)}>
        Skip
      </ActionButton>
    );
  }
  return (
    <Flex gap="3" align="flex-end" wrap="wrap">
      <TextField label="Why it is skipped" value={reason} onChange={setReason} />
      <ActionButton quiet onClick={() => void runner.move('skip', reason)}>
        Skip this step
      </ActionButton>
      <ActionButton quiet onClick={() => setIsAsking(false)}>
        Keep it
      </ActionButton>
    </Flex>
  );
}

function Finished(props: { runner: RunnerState; job: Job; outingId: string }) {
  const { runner, job, outingId } = props;
  const early = job.records.filter((one) => one.outcome === 'ended_early').length;
  const skipped = job.records.filter((one) => one.outcome === 'skipped').length;
  return (
    <>
      <Text textStyle="title">
        {job.sheet.title} is done. Its reserve, the shelf and the log have moved.
      </Text>
      <Text textStyle="body">
        {early > 0 ? `${early} waits ended early. ` : ''}
        {skipped > 0 ? `${skipped} steps were skipped.` : ''}
      </Text>
      <Flex gap="4" mt="4" wrap="wrap" align="center">
        <SheetLink href={`/outing/${outingId}/skis/${job.skiId}`}>To the ski</SheetLink>
        <SheetLink href={`/outing/${outingId}/log`}>To the log</SheetLink>
        <ActionButton quiet onClick={() => void runner.move('back')}>
          Undo the last step
        </ActionButton>
      </Flex>
    </>
  );
}

function PutAway({ jobId, name }: { jobId: string; name: string }) {
  const [isAway, setIsAway] = useState(false);
  const put = (away: boolean) =>
    void dropAction(jobId, away).then((done) => done.ok && setIsAway(away));
  return isAway ? (
    <UndoNotice
      message={`${name} is put away unfinished.`}
      onUndo={() => put(false)}
      onClose={() => setIsAway(false)}
    />
  ) : (
    <ActionButton quiet mt="4" onClick={() => put(true)}>
      Put this job away
    </ActionButton>
  );
}
