'use client';

import { Text } from '@chakra-ui/react';
import type { Outing } from '@/data/outings';
import type { Segment } from '@/data/segments';
import { dayAndTime } from '@/ui/format/times';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { CourseEditor } from './course-editor';
import { PlaceForm } from './place-form';
import { StationList, type StationSummary } from './station-list';
import { TakeWeather } from './take-weather';

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
      question="What weather and what course?"
      answer={
        <>
          <Text textStyle="title">
            {last
              ? `Weather until ${dayAndTime(last, venue.timeZone)}`
              : 'No weather yet. Take some in below.'}
          </Text>
          <Text textStyle="body">
            {venue.name}, start {dayAndTime(outing.startAt, venue.timeZone)}.{' '}
            <FileLink href={`/api/v1/outings/${outing.id}/calendar`}>Calendar entry</FileLink>
          </Text>
        </>
      }
    >
      {last && last < outing.startAt && (
        <Caution>The weather ends before the start. Nothing is made up beyond it.</Caution>
      )}
      <StationList venue={venue} stations={stations} nowMs={nowMs} />
      <TakeWeather venue={venue} stations={stations} />
      <CourseEditor venue={venue} segments={segments} />
      <PlaceForm venue={venue} />
    </Sheet>
  );
}
