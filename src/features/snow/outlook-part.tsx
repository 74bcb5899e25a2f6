'use client';

import type { CourseData, Outing } from '@/core/model';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { differenceValue, temperatureUnit, temperatureWithSpread } from '@/words/quantities';
import { words } from '@/words';
import { failureWords } from '@/words/told/mistake';
import { useWords } from '@/ui/format/use-words';
import { span } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { OutlookChart } from './outlook-chart';
import type { GoodPlan, OutlookState, PlaceOutlook } from './use-outlooks';

const WORDS = words.screens.snow.outlookPart;

interface OutlookPartProps {
  outing: Outing;
  course: CourseData;
  state: OutlookState;
  plan: GoodPlan | undefined;
  nowMs: number;
  onCancel: () => void;
  onRestart: () => void;
}

const OLD_WEATHER_MS = 6 * 3_600_000;

/** The outlook under its answer: chart, what it stands on, and what the readings did to it. */
export function OutlookPart(props: OutlookPartProps) {
  const { outing, course, state, plan, onCancel, onRestart } = props;
  const { say, units } = useWords();
  const weatherHref = `/outing/${outing.id}/venue`;
  return (
    <Part
      title={WORDS.fromNowToTheFinish}
      aside={<SheetLink href={weatherHref}>{WORDS.weatherAndCourse}</SheetLink>}
    >
      {state.kind === 'none' && (
        <>
          <Text textStyle="body">
            {WORDS.noOutlookYourOwnReading(say(words.snow.NO_OUTLOOK, state.reason))}
          </Text>
          <SheetLink href={weatherHref}>{WORDS.getWeatherIn}</SheetLink>
        </>
      )}
      {plan && <WeatherNotes {...props} plan={plan} />}
      {state.kind === 'running' && (
        <Flex gap="4" align="center" minH="120px" role="status">
          <Text textStyle="body">{WORDS.computingTheOutlook(Math.round(state.share * 100))}</Text>
          <ActionButton quiet onClick={onCancel}>
            {WORDS.cancel}
          </ActionButton>
        </Flex>
      )}
      {(state.kind === 'cancelled' || state.kind === 'failed') && (
        <Flex gap="4" align="center" minH="120px" wrap="wrap">
          <Text textStyle="body">
            {state.kind === 'failed'
              ? WORDS.noOutlook(failureWords(state.reason, units))
              : WORDS.theOutlookWasCancelled}
          </Text>
          <ActionButton quiet onClick={onRestart}>
            {WORDS.computeItAgain}
          </ActionButton>
        </Flex>
      )}
      {state.kind === 'done' && plan && (
        <>
          <OutlookChart
            outing={outing}
            main={state.places[0]!}
            weather={plan.weather}
            readings={course.readings}
          />
          <Pull
            before={state.before}
            after={state.places[0]!}
            count={plan.input.readings!.length}
          />
        </>
      )}
    </Part>
  );
}

function WeatherNotes({ course, plan, nowMs }: OutlookPartProps & { plan: GoodPlan }) {
  const taken = course.stations
    .flatMap((station) => (station.takenInAt ? [Date.parse(station.takenInAt)] : []))
    .reduce((latest, ms) => Math.max(latest, ms), 0);
  const age = nowMs - taken;
  return (
    <Box mb="2">
      {plan.endsBeforeStart && <Caution>{WORDS.theWeatherEndsBeforeThe}</Caution>}
      {plan.bridged > 0 && (
        <Caution>
          {WORDS.gapOfUpToThree(
            plan.bridged,
            plan.bridged === 1 ? '' : 's',
            plan.bridged === 1 ? WORDS.is : WORDS.are,
          )}
        </Caution>
      )}
      {age > OLD_WEATHER_MS && <Caution>{WORDS.theWeatherWasTakenIn(span(age))}</Caution>}
      <Text textStyle="small" color="faint">
        {WORDS.modelledAtFromSolid1(
          course.places[0]!.name,
          course.stations
            .filter((station) => station.weather.length > 0)
            .map((station) => `${station.name} (${station.source})`)
            .join(' and '),
        )}
      </Text>
    </Box>
  );
}

/** What the readings did: the start with and without them. */
function Pull(props: { before: PlaceOutlook; after: PlaceOutlook; count: number }) {
  const units = useUnits();
  const { before, after, count } = props;
  if (!before.start || !after.start) return null;
  const show = ({ start }: PlaceOutlook) =>
    temperatureWithSpread(start!.snow.contactC.p50, start!.snow.contactSdC, units);
  if (count === 0) {
    return <Text textStyle="body">{WORDS.noReadingPullsTheOutlook}</Text>;
  }
  const { surpriseK } = after.outlook;
  return (
    <Box mt="2" maxW="560px" data-testid="pull">
      {surpriseK !== undefined && (
        <Caution>
          {WORDS.offTheWeather(
            `${differenceValue(Math.abs(surpriseK), units).toFixed(1)} ${temperatureUnit(units)}`,
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
            cells: [WORDS.weatherAlone, show(before), Math.round(before.outlook.effectiveMembers)],
          },
          {
            key: 'after',
            cells: [
              <strong key="with">{WORDS.withReading(count, count === 1 ? '' : 's')}</strong>,
              <strong key="after">{show(after)}</strong>,
              Math.round(after.outlook.effectiveMembers),
            ],
          },
        ]}
      />
    </Box>
  );
}
