'use client';

import { useState } from 'react';
import type { Data } from 'plotly.js';
import { Box, Text } from '@chakra-ui/react';
import type { Bias, Drill } from '@/core/practice';
import { Chart, useChartInks } from '@/ui/charts/chart';
import { SelectField } from '@/ui/fields/select-field';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { seconds } from '@/words/quantities';
import { practiceScreenWords } from '@/words/screens/practice';
import type { DrillProgress, PersonProgress } from './use-cases/load-practice';

const WORDS = practiceScreenWords.progress;
const NAMES = practiceScreenWords.DRILL;
const AGO = 5;
const PER_CENT = 100;

/** How a person gets better: a chart a drill, to which side they err, and how well they know how sure to be. */
export function ProgressPart({ person }: { person: PersonProgress }) {
  const tried = person.drills.filter(({ skill }) => skill.answers > 0);
  const [chosen, setChosen] = useState<Drill>();
  const shown = tried.find(({ drill }) => drill === chosen) ?? tried[0];
  return (
    <Part title={WORDS.title}>
      {!shown ? (
        <Text textStyle="body">{WORDS.none}</Text>
      ) : (
        <>
          {tried.length > 1 && (
            <Box maxW="260px" mb="2" className="no-print">
              <SelectField
                label={WORDS.drill}
                value={shown.drill}
                options={tried.map(({ drill }) => ({ value: drill, label: NAMES[drill] }))}
                onChange={(drill) => setChosen(drill as Drill)}
              />
            </Box>
          )}
          <SkillChart progress={shown} />
          <SkillTable drills={tried} />
          <Biases person={person} />
          <CalibrationTable person={person} />
        </>
      )}
    </Part>
  );
}

function SkillChart({ progress }: { progress: DrillProgress }) {
  const inks = useChartInks();
  const { course, drill } = progress;
  const x = course.map((_, i) => i + 1);
  const of = (take: (one: (typeof course)[number]) => number) =>
    course.map((one) => PER_CENT * take(one));
  const edge = {
    type: 'scatter',
    mode: 'lines',
    x,
    line: { width: 0 },
    hoverinfo: 'skip',
  } as const;
  const data: Data[] = [
    { ...edge, y: of(({ low }) => low) },
    { ...edge, y: of(({ high }) => high), fill: 'tonexty', fillcolor: inks.rule },
    {
      type: 'scatter',
      mode: 'lines+markers',
      x,
      y: of(({ mean }) => mean),
      line: { color: inks.action, width: 3 },
      hoverinfo: 'skip',
    },
  ];
  return (
    <Chart
      label={`${NAMES[drill]}: ${WORDS.chart}`}
      height={220}
      data={data}
      layout={{
        xaxis: {
          title: { text: WORDS.answerAxis },
          rangemode: 'tozero',
          dtick: Math.max(1, Math.ceil(x.length / 8)),
        },
        yaxis: { title: { text: WORDS.axis }, range: [0, PER_CENT] },
      }}
    />
  );
}

function SkillTable({ drills }: { drills: readonly DrillProgress[] }) {
  return (
    <DataTable
      caption={WORDS.table}
      columns={[
        { title: WORDS.drill },
        { title: WORDS.skillNow, isNumber: true },
        { title: WORDS.between, isNumber: true },
        { title: WORDS.before, isNumber: true },
        { title: WORDS.countCol, isNumber: true },
      ]}
      rows={drills.map(({ drill, skill, course }) => ({
        key: drill,
        cells: [
          NAMES[drill],
          WORDS.percent(skill.mean),
          WORDS.range(skill.low, skill.high),
          course.length > AGO ? WORDS.percent(course.at(-1 - AGO)!.mean) : '',
          skill.answers,
        ],
      }))}
    />
  );
}

/** To which side somebody errs, in plain words, once twenty answers tell it. */
function Biases({ person: { pickBias, snowBias } }: { person: PersonProgress }) {
  const { write } = useWords();
  const change = (kelvin: number) => write.change(kelvin);
  const ends = ({ lowK, highK }: Bias) => [change(lowK), change(highK)] as const;
  const size = ({ meanK }: Bias) => write.difference(Math.abs(meanK));
  const lines = [
    pickBias &&
      (pickBias.isClear
        ? WORDS.pickBias(
            size(pickBias),
            ...ends(pickBias),
            pickBias.meanK > 0,
            seconds(pickBias.costS),
          )
        : WORDS.pickFair(...ends(pickBias))),
    snowBias &&
      (snowBias.isClear
        ? WORDS.snowBias(
            size(snowBias),
            ...ends(snowBias),
            snowBias.meanK > 0 ? WORDS.warm : WORDS.cold,
          )
        : WORDS.snowFair(...ends(snowBias))),
  ].filter((line) => line !== undefined);
  return (
    <>
      {lines.map((line) => (
        <Text key={line} textStyle="body" mt="3">
          {line}
        </Text>
      ))}
    </>
  );
}

function CalibrationTable({ person: { calibration } }: { person: PersonProgress }) {
  if (calibration.length === 0) return null;
  return (
    <Box mt="4">
      <Text textStyle="strong">{WORDS.calibration}</Text>
      <DataTable
        caption={WORDS.calibration}
        columns={[
          { title: WORDS.saidCol, isNumber: true },
          { title: WORDS.cameCol, isNumber: true },
          { title: WORDS.between, isNumber: true },
          { title: WORDS.countCol, isNumber: true },
        ]}
        rows={calibration.map(({ said, came, low, high, count }) => ({
          key: String(said),
          cells: [WORDS.percent(said), WORDS.percent(came), WORDS.range(low, high), count],
        }))}
      />
    </Box>
  );
}
