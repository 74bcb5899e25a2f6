'use client';

import { useRouter } from 'next/navigation';
import { Box, Grid, Text } from '@chakra-ui/react';
import { analyseGlide, balancedOrder } from '@/core/glide';
import {
  glideTestOf,
  type KeptGlideRun,
  type KeptGlideTest,
  type KeptGripTest,
  type Outing,
} from '@/core/model';
import { SelectField } from '@/ui/fields/select-field';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { Disclosure } from '@/ui/frame/disclosure';
import { Part, Sheet } from '@/ui/frame/sheet';
import { glideWords } from '@/words/areas/glide';
import { testScreenWords } from '@/words/screens/test';
import { clockTime } from '@/words/times';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { ResultsPart } from './results-part';
import { RunEntry } from './run-entry';
import { RunsPart } from './runs-part';
import { useRuns } from './use-runs';

/** The form for a new one comes after the page. */
const NewTest = afterPage(
  () => import('./new-test').then((module) => module.NewTest),
  room({ minH: '420px' }),
);

const GripTestsPart = afterPage(
  () => import('./grip-tests-part').then((module) => module.GripTestsPart),
  room({ minH: '420px' }),
);

const WORDS = testScreenWords.testScreen;
const ROUNDS = 3;

interface TestScreenProps {
  outing: Outing;
  tests: readonly KeptGlideTest[];
  /** The test that is open, with its runs. */
  open: { test: KeptGlideTest; runs: readonly KeptGlideRun[] } | undefined;
  /** Names of the glide waxes of the shelf. */
  waxes: readonly string[];
  /** What was tried for grip, where the outing needs grip, and the grip waxes of the shelf. */
  grip?: { tests: readonly KeptGripTest[]; waxes: readonly string[] };
}

/** Glide tests of an outing: run by run, with what may be said by now. */
export function TestScreen(props: TestScreenProps) {
  const { outing, open, waxes, grip } = props;
  return open ? (
    <OpenTest key={open.test.id} {...props} open={open} />
  ) : (
    <Sheet
      question={WORDS.question}
      answer={
        <>
          <Text textStyle="title">{WORDS.none}</Text>
          <Text textStyle="body">{WORDS.noneHint}</Text>
        </>
      }
    >
      <Part title={testScreenWords.newTest.title}>
        <NewTest outingId={outing.id} waxes={waxes} />
      </Part>
      {grip && <GripTestsPart outingId={outing.id} {...grip} />}
    </Sheet>
  );
}

const UNKNOWN_S = 20;

/** What a run of a ski took last; of any, where it has none yet. */
const usualOf = (runs: readonly KeptGlideRun[], ski: string): number =>
  (runs.findLast((run) => run.ski === ski) ?? runs.at(-1))?.value ?? UNKNOWN_S;

function OpenTest({
  outing,
  tests,
  waxes,
  grip,
  open: { test, runs },
}: TestScreenProps & { open: NonNullable<TestScreenProps['open']> }) {
  const router = useRouter();
  const { say, write } = useWords();
  const acts = useAct();
  const queue = useRuns(test.id);
  const here = new Set(runs.map(({ id }) => id));
  const waiting = queue.waiting.filter(({ id, why }) => why === undefined && !here.has(id));
  const taken = queue.taken.filter(({ id }) => !here.has(id));
  const all = [...runs, ...taken, ...waiting];
  const result = all.length === 0 ? undefined : analyseGlide(glideTestOf(test, all));
  const order = balancedOrder(test.skis, { rounds: ROUNDS, reference: test.reference });
  const next = order[all.length % order.length]!;
  const { timeZone } = outing.venue;
  const nameOf = ({ startedAt, skis }: KeptGlideTest) =>
    WORDS.testOf(skis.join(', '), clockTime(startedAt, timeZone));
  const takeBack = (id: string) =>
    acts.write(
      'glide.mark',
      { id, isBack: false },
      {
        said: () => WORDS.runBack,
        undo: () => ['glide.mark', { id, isBack: true }],
        settled: () => queue.forget(id),
      },
    );
  return (
    <Sheet
      question={WORDS.question}
      answer={
        <Text textStyle="title" data-testid="verdict" aria-live="polite">
          {result ? say(glideWords.VERDICT, result.verdict) : WORDS.noRuns}
        </Text>
      }
    >
      {tests.length > 1 && (
        <Box maxW="420px" mb="4">
          <SelectField
            label={WORDS.chooseTest}
            value={test.id}
            options={tests.map((one) => ({ value: one.id, label: nameOf(one) }))}
            onChange={(id) => router.push(`/outing/${outing.id}/test?test=${id}`)}
          />
        </Box>
      )}
      <ActNotice acts={acts} />
      <Grid templateColumns={{ base: '1fr', lg: '420px 1fr' }} gap={{ base: '0', lg: '10' }}>
        <RunEntry test={test} next={next} runs={queue} aboutS={usualOf(all, next)} />
        {result && <ResultsPart result={result} />}
      </Grid>
      {result && (
        <RunsPart
          runs={all}
          waiting={new Set(waiting.map(({ id }) => id))}
          result={result}
          timeZone={timeZone}
          onTakeBack={({ id }) => void takeBack(id)}
        />
      )}
      {(test.snow ?? test.structure ?? test.track) && (
        <Text textStyle="small" color="faint" mb="4">
          {[
            test.snow &&
              WORDS.conditions(
                write.temperature(test.snow.temperatureC),
                write.percent(test.snow.humidityFraction),
              ),
            test.structure && WORDS.structure(test.structure),
            test.track && WORDS.track(test.track),
          ]
            .filter(Boolean)
            .join(' ')}
        </Text>
      )}
      {grip && <GripTestsPart outingId={outing.id} {...grip} />}
      <Disclosure title={testScreenWords.newTest.title}>
        <NewTest outingId={outing.id} waxes={waxes} />
      </Disclosure>
    </Sheet>
  );
}
