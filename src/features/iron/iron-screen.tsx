'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { ironTemperature, meltingPoint, type Figure } from '@/core/shelf';
import { temperature } from '@/words/quantities';
import { ironWords } from '@/words/areas/iron';
import { ironScreenWords } from '@/words/screens/iron';
import { useWords } from '@/ui/format/use-words';
import { behind } from '@/ui/fields/behind';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part, Sheet } from '@/ui/frame/sheet';
import { Bench, Seen } from './iron-bench';
import { OwnSetting, PassTable, Warnings } from './iron-passes';
import { SideView } from './side-view';
import type { IronView } from './use-cases/load-iron';
import { problemOf, useIron, type IronState } from './use-iron';

/** It stands folded up: its fields come after the page. */
const OwnIronPart = afterPage(
  () => import('./own-iron').then((module) => module.OwnIronPart),
  room({ minH: '60px' }),
);

/** Charts are drawn when they are in view: what draws them comes after the page, into its place. */
const CourseChart = afterPage(
  () => import('./iron-charts').then((module) => module.CourseChart),
  room({ minH: '280px' }),
);
const MapPart = afterPage(
  () => import('./map-part').then((module) => module.MapPart),
  room({ minH: '320px' }),
);

const WORDS = ironScreenWords.ironScreen;

/** The Iron lab: will this wax flow behind this iron as it should, without hurting the base? */
export function IronScreen({ view }: { view: IronView }) {
  const { products, irons } = view;
  const state = useIron(view);
  const { result } = state;
  const isDone = 'question' in result;
  return (
    <Sheet
      question={WORDS.question}
      answer={
        <Box {...behind(state.isBehind)}>
          <Answer state={state} />
        </Box>
      }
    >
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <Part title={WORDS.theBench}>
            <Bench state={state} products={products} irons={irons} />
            <OwnIronPart irons={irons} onKept={(name) => state.form.set({ kind: `own:${name}` })} />
          </Part>
          <Part title={WORDS.whatYouSaw}>
            <Seen state={state} />
          </Part>
        </Box>
        <Box minW="0" {...behind(state.isBehind)}>
          {isDone && result.advised && (
            <>
              <Part title={WORDS.asAdvised}>
                <SideView
                  question={result.advised.question}
                  timings={result.verdict.advice!.passes}
                  answer={result.advised.answer}
                />
                <PassTable
                  answer={result.advised.answer}
                  timings={result.verdict.advice!.passes}
                  caption={WORDS.eachPass}
                />
                <Warnings answer={result.advised.answer} />
              </Part>
              <Part title={WORDS.aPointOfTheBase}>
                <CourseChart answer={result.advised.answer} />
              </Part>
            </>
          )}
          <Part title={WORDS.yourOwnSetting}>
            <OwnSetting state={state} />
          </Part>
          {isDone && (
            <Part title={WORDS.whatTemperatureAndPaceGive}>
              <MapPart question={result.question} />
            </Part>
          )}
        </Box>
      </Grid>
    </Sheet>
  );
}

function Answer({ state }: { state: IronState }) {
  const { units, say } = useWords();
  const { result, product } = state;
  if (!product) return <Text textStyle="title">{WORDS.noIronWax}</Text>;
  if (!('question' in result)) {
    return (
      <Text textStyle="title" role="alert">
        {problemOf(result, units)}
      </Text>
    );
  }
  const { advice, reason } = result.verdict;
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="iron-advice">
        {advice
          ? WORDS.setTo(
              temperature(advice.setC, units, 0),
              advice.passes.map((one) => one.passS),
            )
          : WORDS.noSettingWillDo}
      </Text>
      <Text textStyle="strong" maxW="860px" textWrap="pretty">
        {advice &&
          WORDS.tipToTail(
            advice.passes.length === 1 ? WORDS.onePass : WORDS.passes(advice.passes.length),
            Math.round(advice.uptakeFraction * 100),
          )}
        {say(ironWords.IRON_REASON, reason)}
      </Text>
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.computedFor(
          product.name,
          described(ironTemperature(product), (celsius) => temperature(celsius, units, 0)),
          described(meltingPoint(product), (celsius) => temperature(celsius, units, 0)),
        )}
      </Text>
    </Box>
  );
}

const described = (figure: Figure, degrees: (celsius: number) => string) =>
  figure.isEstimate ? WORDS.estimated(degrees(figure.value)) : degrees(figure.value);
