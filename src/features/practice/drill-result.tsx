'use client';

import type { Data } from 'plotly.js';
import { Box, Text } from '@chakra-ui/react';
import type { DrillMarks } from '@/core/practice';
import { IRON as IRON_LAB } from '@/core/iron/figures';
import { Chart, useChartInks } from '@/ui/charts/chart';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { termsWords } from '@/words/areas/terms';
import { fixed, seconds, temperatureRange } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';
import { quickScreenWords } from '@/words/screens/quick';
import { renderedLines } from '@/words/rendered/choice';
import type { MarkedDrill } from './use-cases/answer-drill';
import type { Situation, Situations } from './use-cases/situation';

const { drillFrame: FRAME, iron: IRON, snow: SNOW, pick: PICK, order: ORDER } = drillsScreenWords;
const { see: SEE, test: TEST } = drillsScreenWords;
const whole = (share: number) => Math.round(100 * share);
const CM = 100;

interface RenderedResultProps {
  rendered: MarkedDrill;
  situation: Situation;
}

/** What an answer was worth, by how much, and why. */
export function RenderedResult({ rendered, situation }: RenderedResultProps) {
  return (
    <Box borderTopWidth="2px" borderColor="ink" pt="3">
      <Text textStyle="title" data-testid="drill-worth">
        {FRAME.worth(whole(rendered.mark.quality))}
      </Text>
      <Box mt="2" mb="3">
        <Details rendered={rendered} situation={situation} />
      </Box>
    </Box>
  );
}

function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <Box as="ul" listStyleType="none" p="0" m="0" mb="3">
      {lines.map((line) => (
        <Text as="li" key={line} textStyle="body">
          {line}
        </Text>
      ))}
    </Box>
  );
}

function Details({ rendered, situation }: RenderedResultProps) {
  switch (rendered.drill) {
    case 'iron':
      return <IronResult mark={rendered.mark} shown={situation.shown as Situations['iron']} />;
    case 'snow':
      return (
        <SnowResult mark={rendered.mark} seen={(situation.shown as Situations['snow']).seen} />
      );
    case 'pick':
      return <PickResult mark={rendered.mark} shown={situation.shown as Situations['pick']} />;
    case 'order':
      return <OrderResult mark={rendered.mark} shown={situation.shown as Situations['order']} />;
    case 'see':
      return <SeeResult mark={rendered.mark} shown={situation.shown as Situations['see']} />;
    case 'test':
      return <TestResult mark={rendered.mark} />;
  }
}

function IronResult({ mark, shown }: { mark: DrillMarks['iron']; shown: Situations['iron'] }) {
  const { write } = useWords();
  const inks = useChartInks();
  const cells = mark.uptakeByPlace.length;
  const lengthCm = CM * shown.bench.ski.lengthM;
  const x = mark.uptakeByPlace.map((_, cell) => ((cell + 0.5) / cells) * lengthCm);
  const best = mark.best?.passes.map(({ passS, restS }) =>
    restS > 0 ? IRON.bestPass(seconds(passS), seconds(restS)) : IRON.lastPass(seconds(passS)),
  );
  const line = (y: number[], color: string, axis: 'y' | 'y2'): Data => ({
    type: 'scatter',
    mode: 'lines',
    x,
    y,
    yaxis: axis,
    line: { color, width: 3 },
    hoverinfo: 'skip',
  });
  return (
    <>
      <Lines
        lines={[
          IRON.result(whole(mark.uptake), whole(mark.bestUptake)),
          IRON.trails(whole(mark.goodTrails)),
          IRON.peak(write.temperature(mark.peakC, 0)),
          ...(mark.bare > 0 ? [IRON.bare(whole(mark.bare))] : []),
          ...(mark.hurt > 0 ? [IRON.hurt(whole(mark.hurt))] : []),
          IRON.uneven(whole(mark.unevenness)),
          best ? IRON.best(best.join('; ')) : IRON.noBest,
        ]}
      />
      <Chart
        label={IRON.uptakeChart}
        height={240}
        data={[
          line(
            mark.uptakeByPlace.map((one) => CM * one),
            inks.action,
            'y',
          ),
          line(mark.peakByPlaceC, inks.danger, 'y2'),
        ]}
        layout={{
          margin: { l: 56, r: 56, t: 12, b: 48 },
          xaxis: { title: { text: IRON.place } },
          yaxis: {
            title: { text: IRON.uptakeAxis, font: { color: inks.action } },
            range: [0, 100],
          },
          yaxis2: {
            title: { text: IRON.peakAxis, font: { color: inks.danger } },
            overlaying: 'y',
            side: 'right',
            showgrid: false,
            nticks: 5,
            tickformat: '.0f',
            fixedrange: true,
          },
        }}
      />
      <Chart
        label={IRON.trailChart}
        height={200}
        data={[
          line(
            mark.trailByPlaceM.map((one) => CM * one),
            inks.action,
            'y',
          ),
        ]}
        layout={{
          shapes: [
            {
              type: 'rect',
              xref: 'paper',
              x0: 0,
              x1: 1,
              y0: CM * IRON_LAB.trailLeastM,
              y1: CM * IRON_LAB.trailMostM,
              fillcolor: inks.rule,
              line: { width: 0 },
              layer: 'below',
            },
          ],
          xaxis: { title: { text: IRON.place } },
          yaxis: { title: { text: IRON.trailAxis }, rangemode: 'tozero' },
        }}
      />
    </>
  );
}

function SnowResult({
  mark,
  seen,
}: {
  mark: DrillMarks['snow'];
  seen: Situations['snow']['seen'];
}) {
  const { write } = useWords();
  const { truth } = mark;
  const isClear = seen.nightSky === 'clear';
  return (
    <Lines
      lines={[
        SNOW.truth(
          write.temperature(truth.temperatureC),
          termsWords.GRAIN_WORDS[truth.grain],
          termsWords.WETNESS_WORDS[truth.wetness],
        ),
        SNOW.crps(write.difference(mark.crpsK), write.difference(mark.byAirCrpsK)),
        SNOW.byAir(write.temperature(mark.byAirC)),
        SNOW.classes(whole(Math.exp(-mark.grainScore)), whole(Math.exp(-mark.wetnessScore))),
        isClear ? SNOW.why.clear : SNOW.why.overcast,
      ]}
    />
  );
}

function PickResult({ mark, shown }: { mark: DrillMarks['pick']; shown: Situations['pick'] }) {
  const { write, units } = useWords();
  const { choice, bestId, costS } = mark;
  const best = choice.ranking[0]!;
  const kindOf = (id: string) => shown.products.find((one) => one.id === id)!;
  const nameOf = (id: string) => quickScreenWords.GLIDE_KIND[kindOf(id).kind];
  return (
    <>
      <Lines
        lines={[PICK.best(nameOf(bestId)), costS > 0 ? PICK.yours(seconds(costS)) : PICK.same]}
      />
      <DataTable
        caption={PICK.ranking}
        columns={[{ title: PICK.wax }, { title: PICK.label }, { title: PICK.cost, isNumber: true }]}
        rows={choice.ranking.map(({ id, expectedLossSeconds }) => ({
          key: id,
          cells: [
            nameOf(id),
            temperatureRange(kindOf(id).labelLowC, kindOf(id).labelHighC, units),
            fixed(expectedLossSeconds - best.expectedLossSeconds, 1),
          ],
        }))}
      />
      <Text textStyle="strong" mt="4">
        {PICK.asks(write.temperature(choice.equivalentTemperatureC))}
      </Text>
      <Box maxW="560px">
        <LedgerTable
          lines={renderedLines(choice.lines, write)}
          equivalentTemperatureC={choice.equivalentTemperatureC}
        />
      </Box>
    </>
  );
}

function OrderResult({ mark, shown }: { mark: DrillMarks['order']; shown: Situations['order'] }) {
  const titleOf = (key: string) => shown.steps.find((one) => one.key === key)!.title;
  const { faults } = mark;
  return (
    <Lines
      lines={
        faults.length === 0
          ? [ORDER.right]
          : [
              ORDER.faults(faults.length),
              ...faults.map(({ code, key, hurts }) =>
                ORDER.at(titleOf(key), ORDER.HURTS[hurts], ORDER.WHY[code]),
              ),
            ]
      }
    />
  );
}

function SeeResult({ mark, shown }: { mark: DrillMarks['see']; shown: Situations['see'] }) {
  const { kind } = shown.findings[0]!;
  const { right, truth } = mark;
  const rendered = (is: boolean, words: string) => (is ? SEE.right(words) : SEE.wrong(words));
  return (
    <Lines
      lines={[
        rendered(right.kind, termsWords.FINDING_WORDS[kind]),
        rendered(right.first, SEE.FIRST[truth.first]),
        rendered(right.waxable, `${SEE.waxable}: ${SEE.WAXABLE[truth.waxable]}`),
      ]}
    />
  );
}

function TestResult({ mark }: { mark: DrillMarks['test'] }) {
  return (
    <Lines
      lines={[
        TEST.allowed(whole(mark.probabilityA)),
        TEST.truth(mark.faster, `${fixed(mark.byS, 2)} s`),
        TEST.brier(fixed(mark.brier, 2), fixed(mark.brierOfRuns, 2)),
        TEST.none,
      ]}
    />
  );
}
