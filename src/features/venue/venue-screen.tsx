'use client';

import type { Outing, Segment } from '@/core/model';
import { Text } from '@chakra-ui/react';
import { dayAndTime } from '@/words/times';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { CourseEditor } from './course-editor';
import { PlaceForm } from './place-form';
import { StationList, type StationSummary } from './station-list';
import { TakeWeather } from './take-weather';
import { venueScreenWords } from '@/words/screens/venue';

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
      question={WORDS.whatWeatherAndWhatCourse}
      answer={
        <>
          <Text textStyle="title">
            {last
              ? WORDS.weatherUntil(dayAndTime(last, venue.timeZone))
              : WORDS.noWeatherYetTakeSome}
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
      {last && last < outing.startAt && <Caution>{WORDS.theWeatherEndsBeforeThe}</Caution>}
      <StationList venue={venue} stations={stations} nowMs={nowMs} />
      <TakeWeather venue={venue} startAt={outing.startAt} stations={stations} />
      <CourseEditor venue={venue} segments={segments} />
      <PlaceForm venue={venue} />
    </Sheet>
  );
}
