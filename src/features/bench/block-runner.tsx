'use client';

import { useRef } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { leftOf, type RenderedStep } from '@/core/bench';
import { Tick } from '@/ui/fields/check-list';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useServerClock } from '@/ui/format/server-clock';
import { useUnits } from '@/ui/format/units-context';
import { useWords } from '@/ui/format/use-words';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { ActionButton } from '@/ui/fields/action-button';
import { benchScreenWords } from '@/words/screens/bench';
import { countdown, dayAndTime, timeBeside } from '@/words/times';
import { visitInWords } from '@/words/rendered/visit';
import { DOUBLE_TAP_MS, LARGE_BUTTON, ThumbBar } from './thumb-bar';
import { figuresLine } from './figures-line';
import { keyOfPair, useBlock } from './use-block';
import { productsOf, type BlockNow, type BlockPair } from './block-now';

const WORDS = benchScreenWords.block;

const iso = (ms: number) => new Date(ms).toISOString();

interface BlockRunnerProps {
  person: string;
  /** Absent: by the plan this person has nothing to do any more. */
  block: BlockNow | undefined;
  steps: readonly RenderedStep[];
  pieces: 1 | 2 | undefined;
  outingId: string;
  timeZone: string;
  serverNowMs: number;
}

/** A block of the plan as one job: what to do, large, and a tick for each pair. */
export function BlockRunner(props: BlockRunnerProps) {
  const { person, block, steps, pieces, outingId, timeZone, serverNowMs } = props;
  const { write } = useWords();
  const now = useServerClock(serverNowMs);
  const runner = useBlock(block);
  const done = block?.pairs.filter(runner.isDone).length ?? 0;
  return (
    <Sheet
      question={
        block
          ? WORDS.question(
              person,
              dayAndTime(iso(block.startMs), timeZone),
              timeBeside(iso(block.endMs), iso(block.startMs), timeZone),
            )
          : WORDS.questionNoBlock(person)
      }
      answer={
        <>
          <Text textStyle="hero" data-testid="block-title">
            {block ? visitInWords(block.visit, { products: productsOf(block), write }) : WORDS.none}
          </Text>
          {block && <Text textStyle="title">{WORDS.pairsDone(done, block.pairs.length)}</Text>}
        </>
      }
    >
      <SimpleGrid columns={{ base: 1, lg: 2 }} gapX="12" gapY="8">
        <Box minW="0">
          {block && (
            <>
              <Box as="ul" listStyleType="none" p="0" m="0">
                {block.pairs.map((pair) => (
                  <PairLine
                    key={keyOfPair(pair)}
                    pair={pair}
                    runner={runner}
                    {...{ now, outingId }}
                  />
                ))}
              </Box>
              <BlockBar runner={runner} />
            </>
          )}
          {!block && runner.latest && (
            <ActionButton quiet onClick={runner.back}>
              {WORDS.takeBack(runner.latest.skiName)}
            </ActionButton>
          )}
          <Text textStyle="body" role="status">
            {runner.said && !runner.said.isProblem ? runner.said.text : ''}
          </Text>
          <FieldProblemText problem={runner.said?.isProblem ? runner.said.text : undefined} />
          <SheetLink href={`/outing/${outingId}/plan`}>{WORDS.toThePlan}</SheetLink>
        </Box>
        {steps.length > 0 && (
          <Part title={WORDS.onEachPair}>
            <BlockSteps steps={steps} pieces={pieces} />
          </Part>
        )}
      </SimpleGrid>
    </Sheet>
  );
}

/** One pair: its tick, for whom it is, and what is left of its wait. */
function PairLine({
  pair,
  runner,
  now,
  outingId,
}: {
  pair: BlockPair;
  runner: ReturnType<typeof useBlock>;
  now: number;
  outingId: string;
}) {
  const { skiName, skierName, wait, jobId } = pair;
  const isNext = runner.next === pair;
  const leftMs = wait ? leftOf(wait, now) : 0;
  return (
    <Flex
      as="li"
      align="center"
      justify="space-between"
      gap="3"
      borderTopWidth="1px"
      borderColor="rule"
      borderLeftWidth="4px"
      borderLeftColor={isNext ? 'action' : 'transparent'}
      pl="2"
      aria-current={isNext ? 'step' : undefined}
      data-testid="block-pair"
    >
      <Tick
        isLarge
        label={skiName}
        checked={runner.isDone(pair)}
        onChange={(isOn) => runner.tick(pair, isOn)}
      />
      <Flex gap="4" align="center">
        <Text textStyle="small">{WORDS.forSkier(skierName)}</Text>
        {leftMs > 0 && <Text textStyle="small">{WORDS.waits(countdown(leftMs))}</Text>}
        {jobId && (
          <SheetLink href={`/outing/${outingId}/bench?job=${jobId}`} label={WORDS.sheetOf(skiName)}>
            {WORDS.sheet}
          </SheetLink>
        )}
      </Flex>
    </Flex>
  );
}

/** The next pair is done, large under the thumb; the last one taken back beside it. */
function BlockBar({ runner }: { runner: ReturnType<typeof useBlock> }) {
  const { next, latest, tick, back } = runner;
  const lastMs = useRef(0);
  const goOn = () => {
    // A glove that bounces ticks one pair, not two.
    if (!next || performance.now() - lastMs.current < DOUBLE_TAP_MS) return;
    lastMs.current = performance.now();
    tick(next, true);
  };
  useShortcut('nextStep', goOn, { leaveToControls: true });
  return (
    <ThumbBar>
      <ActionButton {...LARGE_BUTTON} disabled={!next} onClick={goOn}>
        {next ? WORDS.done(next.skiName) : WORDS.allDone}
      </ActionButton>
      <ActionButton quiet minH={{ base: 'target', md: '72px' }} disabled={!latest} onClick={back}>
        {WORDS.onePairBack}
      </ActionButton>
    </ThumbBar>
  );
}

/** What is done on each pair, step by step. */
function BlockSteps({ steps, pieces }: Pick<BlockRunnerProps, 'steps' | 'pieces'>) {
  const units = useUnits();
  return steps.map((step) => (
    <Box key={step.key} borderTopWidth="1px" borderColor="rule" py="2" maxW="900px">
      <Text textStyle="strong">
        {[step.title, figuresLine(step, { units, pieces })].filter(Boolean).join(': ')}
      </Text>
      <Text textStyle="body">
        {step.what} <strong>{WORDS.doneWhen}</strong> {step.doneWhen}
      </Text>
      {step.caution && <Caution>{step.caution}</Caution>}
    </Box>
  ));
}
