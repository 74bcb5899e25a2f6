'use client';

import type { Outing } from '@/core/model';
import { Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Part, Sheet } from '@/ui/frame/sheet';
import { useShownRows } from '@/ui/frame/shown-rows';
import { FileLink } from '@/ui/frame/sheet-link';
import { seconds } from '@/words/quantities';
import { seasonScreenWords } from '@/words/screens/season';
import { dayAndTime } from '@/words/times';
import { ChartPart } from './chart-part';
import { GramsChart, LostChart } from './season-charts';
import type { SeasonView } from './use-cases/load-season';

const WORDS = seasonScreenWords.season;

interface SeasonScreenProps {
  outing: Outing;
  view: SeasonView;
}

/** The Season: what it held, what it used, how good its choices were, and the chart for the next. */
export function SeasonScreen({ outing, view }: SeasonScreenProps) {
  const { write } = useWords();
  const { season, days, outings, pairs, products, cost } = view;
  const grams = products.reduce((sum, one) => sum + one.grams, 0);
  return (
    <Sheet
      question={WORDS.question(season.name)}
      answer={
        outings === 0 ? (
          <>
            <Text textStyle="hero">{WORDS.nothing}</Text>
            <Text textStyle="body">{WORDS.nothingHint}</Text>
          </>
        ) : (
          <>
            <Text textStyle="hero" data-testid="season-answer">
              {WORDS.answer(days, pairs)}
            </Text>
            <Text textStyle="body">
              {WORDS.sum(
                outings,
                write.number(grams),
                cost > 0 ? WORDS.cost(write.number(cost, 2)) : '',
              )}
            </Text>
          </>
        )
      }
    >
      <Flex gap="5" align="center" wrap="wrap" mb="3" className="no-print">
        <ActionButton quiet onClick={() => window.print()}>
          {WORDS.print}
        </ActionButton>
        <FileLink href={`/api/v1/season?outing=${outing.id}`}>{WORDS.csv}</FileLink>
      </Flex>
      <ChartPart outing={outing} chart={view.chart} />
      {view.choices.length > 0 && <ChoicesPart view={view} />}
      <SimpleGrid columns={{ base: 1, lg: 2 }} gapX="12">
        {products.length > 0 && (
          <Part title={WORDS.products}>
            <GramsChart products={products} />
            <DataTable
              caption={WORDS.productsTable}
              columns={[
                { title: WORDS.product },
                { title: WORDS.grams, isNumber: true },
                { title: WORDS.money, isNumber: true },
              ]}
              rows={products.map((one) => ({
                key: one.id,
                cells: [
                  one.name,
                  write.number(one.grams, 1),
                  one.cost === undefined ? WORDS.notKnown : write.number(one.cost, 2),
                ],
              }))}
            />
          </Part>
        )}
        {view.skis.length > 0 && <SkisPart view={view} />}
      </SimpleGrid>
    </Sheet>
  );
}

/** Pairs that stand on the page at first: those of most teams, so that they print whole. */
const A_PAGE = 60;

function SkisPart({ view: { skis } }: { view: SeasonView }) {
  const { write } = useWords();
  const { shown, more } = useShownRows(skis, A_PAGE);
  return (
    <Part title={WORDS.skis}>
      <DataTable
        caption={WORDS.skisTable}
        columns={[
          { title: WORDS.ski },
          { title: WORDS.jobs, isNumber: true },
          { title: WORDS.coats, isNumber: true },
          { title: WORDS.km, isNumber: true },
        ]}
        rows={shown.map(({ id, name, jobs, coats, km }) => ({
          key: id,
          cells: [name, write.number(jobs), write.number(coats), write.distance(km)],
        }))}
      />
      {more}
    </Part>
  );
}

/** Each choice beside what would have been best, as tests and outcomes have taught since. */
function ChoicesPart({ view: { choices } }: { view: SeasonView }) {
  return (
    <Part title={WORDS.choices}>
      <Text textStyle="small" color="faint">
        {WORDS.choicesHint}
      </Text>
      <LostChart choices={choices} />
      <DataTable
        caption={WORDS.choicesTable}
        columns={[
          { title: WORDS.outing },
          { title: WORDS.taken },
          { title: WORDS.best },
          { title: WORDS.lost, isNumber: true },
        ]}
        rows={choices.map(({ id, outingName, startAt, timeZone, wax, best, lostSeconds }) => ({
          key: id,
          cells: [
            `${outingName}, ${dayAndTime(startAt, timeZone)}`,
            wax,
            best === undefined ? WORDS.notKnown : best === wax ? WORDS.same : best,
            lostSeconds === undefined ? WORDS.notKnown : seconds(lostSeconds),
          ],
        }))}
      />
    </Part>
  );
}
