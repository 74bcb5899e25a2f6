'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { altitude, distance, fixed, temperatureUnit, temperatureValue } from '@/words/quantities';
import type { Units } from '@/words/units';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { Disclosure } from '@/ui/frame/disclosure';
import type { PlaceStart } from '@/core/choice';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.courseStrip;

type Measure = 'temperature' | 'water' | 'sharpness';
type Started = PlaceStart & { start: NonNullable<PlaceStart['start']> };

interface MeasureKind {
  label: string;
  value: (one: Started) => number;
  show: (value: number, units: Units) => string;
  /** What the strongest ink stands for. */
  most: (values: number[]) => number;
  word: string;
}

const measures = (): Record<Measure, MeasureKind> => ({
  temperature: {
    label: WORDS.temperature,
    value: ({ start }) => start.snow.contactC.p50,
    show: (value, units) => `${fixed(temperatureValue(value, units))} ${temperatureUnit(units)}`,
    most: (values) => Math.min(...values),
    word: WORDS.coldest,
  },
  water: {
    label: WORDS.liquidWater,
    value: ({ start }) => start.snow.liquidWaterPercent,
    show: (value) => `${fixed(value)} %`,
    most: (values) => Math.max(...values),
    word: WORDS.wettest,
  },
  sharpness: {
    label: WORDS.sharpness,
    value: ({ start }) => start.snow.sharpness,
    show: (value) => fixed(value, 2),
    most: (values) => Math.max(...values),
    word: WORDS.sharpest,
  },
});
const HEIGHT = 150;
const WIDTH = 1000;
const FOOT = 34;

/** The course at the start as a profile, its segments shaded by one measure at a time. */
export function CourseStrip({ places }: { places: readonly PlaceStart[] }) {
  const units = useUnits();
  const [measure, setMeasure] = useState<Measure>('temperature');
  const started = places.filter((one): one is Started => one.start !== undefined);
  if (started.length < 2) return null;
  const kind = measures()[measure];
  const values = started.map(kind.value);
  const most = kind.most(values);
  const where = started[values.indexOf(most)]!;
  const isSame = Math.max(...values) - Math.min(...values) < 0.005;
  return (
    <Part title={WORDS.alongCourse}>
      <Text textStyle="body" mb="2" data-testid="course-answer">
        {isSame
          ? WORDS.theSameEverywhere(kind.show(most, units))
          : `${kind.word}: ${where.place.name}, ${kind.show(most, units)}.`}
      </Text>
      <Box maxW="480px" mb="3">
        <ChoiceRow
          legend={WORDS.shadeBy}
          name="measure"
          value={measure}
          onChange={setMeasure}
          options={(Object.keys(measures()) as Measure[]).map((value) => ({
            value,
            label: measures()[value].label,
          }))}
        />
      </Box>
      <Profile started={started} values={values} kind={kind} units={units} />
      <Disclosure title={WORDS.asTable}>
        <DataTable
          caption={WORDS.segmentsTable}
          columns={[
            { title: WORDS.segment },
            { title: WORDS.length, isNumber: true },
            { title: WORDS.altitude, isNumber: true },
            ...(Object.keys(measures()) as Measure[]).map((key) => ({
              title: measures()[key].label,
              isNumber: true,
            })),
          ]}
          rows={started.map((one) => ({
            key: one.place.name,
            cells: [
              one.place.name,
              distance(one.place.lengthM / 1000, units),
              altitude(one.place.altitudeM, units),
              ...(Object.keys(measures()) as Measure[]).map((key) =>
                measures()[key].show(measures()[key].value(one), units),
              ),
            ],
          }))}
        />
      </Disclosure>
    </Part>
  );
}

function Profile(props: {
  started: readonly Started[];
  values: readonly number[];
  kind: MeasureKind;
  units: Units;
}) {
  const { started, values, kind, units } = props;
  const total = started.reduce((sum, one) => sum + one.place.lengthM, 0);
  const altitudes = started.map((one) => one.place.altitudeM);
  const [low, high] = [Math.min(...altitudes), Math.max(...altitudes)];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const strong = kind.most([...values]);
  const starts = started.map((_, i) =>
    started.slice(0, i).reduce((sum, one) => sum + one.place.lengthM, 0),
  );
  return (
    <>
      <Box color="action" aria-hidden>
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          width="100%"
          height={HEIGHT}
          preserveAspectRatio="none"
        >
          {started.map((one, i) => {
            const x = (WIDTH * starts[i]!) / total;
            const width = (WIDTH * one.place.lengthM) / total;
            const rise = high > low ? (one.place.altitudeM - low) / (high - low) : 0;
            const height = FOOT + rise * (HEIGHT - FOOT);
            const near = most > least ? 1 - Math.abs(values[i]! - strong) / (most - least) : 0.5;
            return (
              <rect
                key={one.place.name}
                x={x + 1}
                y={HEIGHT - height}
                width={Math.max(1, width - 2)}
                height={height}
                fill="currentColor"
                fillOpacity={0.18 + 0.72 * near}
              />
            );
          })}
        </svg>
      </Box>
      <Flex>
        {started.map((one, i) => (
          <Box
            key={one.place.name}
            style={{ width: `${(100 * one.place.lengthM) / total}%` }}
            pr="2"
            minW="0"
          >
            <Text textStyle="strong" fontSize={{ base: '15px', md: '18px' }} truncate>
              {kind.show(values[i]!, units)}
            </Text>
            <Text textStyle="small" color="faint" truncate>
              {one.place.name}
            </Text>
          </Box>
        ))}
      </Flex>
    </>
  );
}
