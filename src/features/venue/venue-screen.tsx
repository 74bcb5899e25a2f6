'use client';

import type { Outing, Segment } from '@/core/model';
import { Text } from '@chakra-ui/react';
import { dayAndTime } from '@/words/times';
import { afterPage, room } from '@/ui/frame/after-page';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { StationList, type StationSummary } from './station-list';
import { TakeWeather } from './take-weather';
import { venueScreenWords } from '@/words/screens/venue';

/** Course and place are set once: they come after the weather, into their place. */
const CourseEditor = afterPage(
  () => import('./course-editor').then((module) => module.CourseEditor),
  room({ minH: '900px' }),
);
const VenueForm = afterPage(
  () => import('./venue-form').then((module) => module.VenueForm),
  room({ minH: '460px' }),
);

const WORDS = venueScreenWords.venueScreen;

interface VenueScreenProps {
  outing: Outing;
  segments: readonly Segment[];
  stations: readonly StationSummary[];
  nowMs: number;
}

/** The Venue screen: where it is, its weather, its course. */
export function VenueScreen({ outing, segments, stations, nowMs }: VenueScreenProps) {
  const { venue } = outing;
  const last = stations
    .flatMap((station) => (station.toIso ? [station.toIso] : []))
    .sort()
    .at(-1);
  return (
    <Sheet
      question={WORDS.question}
      answer={
        <>
          <Text textStyle="title">
            {last ? WORDS.weatherUntil(dayAndTime(last, venue.timeZone)) : WORDS.noWeather}
          </Text>
          <Text textStyle="body">
            {WORDS.start(venue.name, dayAndTime(outing.startAt, venue.timeZone))}
            <FileLink href={`/api/v1/outings/${outing.id}/calendar`}>
              {WORDS.calendarEntry}
            </FileLink>
          </Text>
        </>
      }
    >
      {last && last < outing.startAt && <Caution>{WORDS.weatherEndsEarly}</Caution>}
      <StationList venue={venue} stations={stations} nowMs={nowMs} />
      <TakeWeather venue={venue} startAt={outing.startAt} stations={stations} />
      <CourseEditor venue={venue} segments={segments} />
      <VenueForm venue={venue} />
    </Sheet>
  );
}
