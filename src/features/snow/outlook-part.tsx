'use client';

import type { CourseSnow, PlaceStart } from '@/core/choice';
import type { CourseData, Outing } from '@/core/model';
import type { NoOutlook } from '@/core/snow/outlook';
import { Box, Text } from '@chakra-ui/react';
import { fixed, differenceValue, temperatureUnit, temperatureWithSpread } from '@/words/quantities';
import { snowWords } from '@/words/areas/snow';
import { snowScreenWords } from '@/words/screens/snow';
import { useWords } from '@/ui/format/use-words';
import { span } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { afterPage, room } from '@/ui/frame/after-page';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { listed } from '@/words/listed';

/** The chart comes after the answer, into its place: it and the row of its table are so high. */
const OutlookChart = afterPage(
  () => import('./outlook-chart').then((module) => module.OutlookChart),
  room({ minH: '444px' }),
);

const WORDS = snowScreenWords.outlookPart;

/** What the server computed for the course, or why it could not. */
export type SnowView = { ok: true; snow: CourseSnow } | { ok: false; reason: NoOutlook };

interface OutlookPartProps {
  outing: Outing;
  course: CourseData;
  view: SnowView;
  nowMs: number;
}

const OLD_WEATHER_MS = 6 * 3_600_000;

/** The outlook under its answer: chart, what it stands on, and what the readings did to it. */
export function OutlookPart(props: OutlookPartProps) {
  const { outing, course, view, nowMs } = props;
  const { say } = useWords();
  const weatherHref = `/outing/${outing.id}/venue`;
  return (
    <Part
      title={WORDS.untilFinish}
      aside={<SheetLink href={weatherHref}>{WORDS.weatherAndCourse}</SheetLink>}
    >
      {view.ok ? (
        <>
          <WeatherNotes course={course} snow={view.snow} nowMs={nowMs} />
          <OutlookChart
            outing={outing}
            curves={view.snow.curves}
            start={view.snow.places[0]!.start}
            weather={view.snow.weather}
            readings={course.readings}
          />
          <Pull snow={view.snow} />
        </>
      ) : (
        <>
          <Text textStyle="body">{WORDS.noOutlook(say(snowWords.NO_OUTLOOK, view.reason))}</Text>
          <SheetLink href={weatherHref}>
            {view.reason.code === 'no_position' ? WORDS.sayWhereItLies : WORDS.getWeatherIn}
          </SheetLink>
        </>
      )}
    </Part>
  );
}

function WeatherNotes(props: { course: CourseData; snow: CourseSnow; nowMs: number }) {
  const { course, snow, nowMs } = props;
  const endsBeforeStart = snow.places[0]!.start === undefined;
  const taken = course.stations
    .flatMap((station) => (station.takenInAt ? [Date.parse(station.takenInAt)] : []))
    .reduce((latest, ms) => Math.max(latest, ms), 0);
  const age = nowMs - taken;
  return (
    <Box mb="2">
      {endsBeforeStart && <Caution>{WORDS.weatherEndsEarly}</Caution>}
      {snow.bridged > 0 && <Caution>{WORDS.gapOfUpToThree(snow.bridged)}</Caution>}
      {age > OLD_WEATHER_MS && <Caution>{WORDS.theWeatherWasTakenIn(span(age))}</Caution>}
      <Text textStyle="small" color="faint">
        {WORDS.outlookLegend(
          course.places[0]!.name,
          listed(
            course.stations
              .filter((station) => station.weather.length > 0)
              .map((station) => `${station.name} (${station.source})`),
          ),
        )}
      </Text>
    </Box>
  );
}

/** What the readings did: the start with and without them. */
function Pull({ snow }: { snow: CourseSnow }) {
  const units = useUnits();
  const { before, surpriseK, readings: count } = snow;
  const after = snow.places[0]!;
  if (!before.start || !after.start) return null;
  const show = ({ start }: Pick<PlaceStart, 'start'>) =>
    temperatureWithSpread(start!.snow.contactC.p50, start!.snow.contactSdC, units);
  if (count === 0) {
    return <Text textStyle="body">{WORDS.outlookWithoutReading}</Text>;
  }
  return (
    <Box mt="2" maxW="560px" data-testid="pull">
      {surpriseK !== undefined && (
        <Caution>
          {WORDS.offTheWeather(
            `${fixed(differenceValue(Math.abs(surpriseK), units), 1)} ${temperatureUnit(units)}`,
            surpriseK < 0,
          )}
        </Caution>
      )}
      <DataTable
        caption={WORDS.whatTheReadingsDidTo}
        columns={[
          { title: WORDS.snowAtTheStart },
          { title: WORDS.medianAndSpread, isNumber: true },
          { title: WORDS.membersWithASay, isNumber: true },
        ]}
        rows={[
          {
            key: 'before',
            cells: [WORDS.weatherAlone, show(before), Math.round(before.effectiveMembers)],
          },
          {
            key: 'after',
            cells: [
              <strong key="with">{WORDS.withReading(count)}</strong>,
              <strong key="after">{show(after)}</strong>,
              Math.round(snow.effectiveMembers),
            ],
          },
        ]}
      />
    </Box>
  );
}
