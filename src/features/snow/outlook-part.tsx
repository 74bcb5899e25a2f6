'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { CourseData } from '@/data/course';
import type { Outing } from '@/data/outings';
import { ActionButton } from '@/ui/fields/action-button';
import { temperatureWithSpread } from '@/ui/format/quantities';
import { span } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { OutlookChart } from './outlook-chart';
import type { GoodPlan, OutlookState, PlaceOutlook } from './use-outlooks';

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
  const weatherHref = `/outing/${outing.id}/venue`;
  return (
    <Part
      title="From now to the finish"
      aside={<SheetLink href={weatherHref}>Weather and course</SheetLink>}
    >
      {state.kind === 'none' && (
        <>
          <Text textStyle="body">
            No outlook: {state.reason} Your own reading decides until then.
          </Text>
          <SheetLink href={weatherHref}>Get weather in</SheetLink>
        </>
      )}
      {plan && <WeatherNotes {...props} plan={plan} />}
      {state.kind === 'running' && (
        <Flex gap="4" align="center" minH="120px" role="status">
          <Text textStyle="body">Computing the outlook, {Math.round(state.share * 100)} %</Text>
          <ActionButton quiet onClick={onCancel}>
            Cancel
          </ActionButton>
        </Flex>
      )}
      {(state.kind === 'cancelled' || state.kind === 'failed') && (
        <Flex gap="4" align="center" minH="120px" wrap="wrap">
          <Text textStyle="body">
            {state.kind === 'failed'
              ? `No outlook: ${state.message}`
              : 'The outlook was cancelled.'}
          </Text>
          <ActionButton quiet onClick={onRestart}>
            Compute it again
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
      {plan.endsBeforeStart && (
        <Caution>
          The weather ends before the start: the outlook stops there and says nothing about the
          start.
        </Caution>
      )}
      {plan.bridged > 0 && (
        <Caution>
          {plan.bridged} gap{plan.bridged === 1 ? '' : 's'} of up to three hours in the weather{' '}
          {plan.bridged === 1 ? 'is' : 'are'} bridged by a straight line.
        </Caution>
      )}
      {age > OLD_WEATHER_MS && (
        <Caution>The weather was taken in {span(age)} ago. Get newer if there is any.</Caution>
      )}
      <Text textStyle="small" color="faint">
        Modelled at {course.places[0]!.name} from{' '}
        {course.stations
          .filter((station) => station.weather.length > 0)
          .map((station) => `${station.name} (${station.source})`)
          .join(' and ')}
        . Solid 1.5 cm deep, dotted the surface; diamonds are measured, and win at their time.
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
    return (
      <Text textStyle="body">No reading pulls the outlook yet. Each one you take narrows it.</Text>
    );
  }
  return (
    <Box mt="2" maxW="560px" data-testid="pull">
      <DataTable
        caption="What the readings did to the snow at the start"
        columns={[
          { title: 'Snow at the start' },
          { title: 'Median and spread', isNumber: true },
          { title: 'Members with a say', isNumber: true },
        ]}
        rows={[
          {
            key: 'before',
            cells: ['Weather alone', show(before), Math.round(before.outlook.effectiveMembers)],
          },
          {
            key: 'after',
            cells: [
              <strong key="with">
                With {count} reading{count === 1 ? '' : 's'}
              </strong>,
              <strong key="after">{show(after)}</strong>,
              Math.round(after.outlook.effectiveMembers),
            ],
          },
        ]}
      />
    </Box>
  );
}
