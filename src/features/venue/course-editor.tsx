'use client';

import { USUAL_LIE, type KeptVenue, type Segment } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { FileField } from '@/ui/fields/file-field';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { SegmentRow } from './segment-row';
import { useCourseForm } from './use-course-form';
import { useTrack } from '@/workers/use-track';
import { venueScreenWords } from '@/words/screens/venue';
import { fixed } from '@/words/quantities';

const WORDS = venueScreenWords.courseEditor;

const MOST_SEGMENTS = 8;

interface CourseEditorProps {
  venue: KeptVenue;
  segments: readonly Segment[];
}

/** The course as up to eight segments, typed or drawn from a track. */
export function CourseEditor({ venue, segments }: CourseEditorProps) {
  const course = useCourseForm(venue, segments);
  const { notice, setNotice } = course;
  const [reversed, setReversed] = useState(false);
  const reading = useTrack();
  const readTrack = async (file: File) => {
    setNotice(undefined);
    const track = await reading.read(file, {
      altitudeM: venue.altitudeM ?? 0,
      isReversed: reversed,
    });
    if (!track) return;
    if (!track.ok) {
      setNotice({ message: track.message });
      return;
    }
    const { segments: drawn, lengthM, altitudeM, notes } = track.track;
    if (altitudeM === undefined && venue.altitudeM === undefined) {
      setNotice({ message: WORDS.noAltitude });
      return;
    }
    course.show(drawn.map((segment) => ({ ...segment, ...USUAL_LIE })));
    const length = WORDS.kmInSegments(fixed(lengthM / 1000, 1), drawn.length);
    setNotice({ message: [length, ...notes, WORDS.setShadeWindAndSurface].join(' ') });
  };
  const empty: Segment = {
    name: WORDS.segment(course.rows.length + 1),
    lengthM: 1000,
    altitudeM: course.rows.at(-1)?.segment.altitudeM ?? venue.altitudeM ?? 0,
    slopeDeg: 0,
    aspectDeg: 0,
    ...USUAL_LIE,
    surface: course.rows.at(-1)?.segment.surface ?? 'groomed',
  };
  return (
    <Part title={WORDS.course}>
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={notice.before && (() => void course.putBack(notice.before!))}
          onClose={() => course.setNotice(undefined)}
        />
      )}
      <Flex gap="4" align="flex-end" wrap="wrap" mb="4">
        <FileField
          label={WORDS.drawItFromAGpx}
          button={WORDS.chooseFile}
          id="track"
          accept=".gpx,application/gpx+xml"
          onFile={(file) => void readTrack(file)}
        />
        <Box minW="260px">
          <ChoiceRow
            legend={WORDS.direction}
            name="direction"
            value={reversed ? 'reversed' : 'track'}
            onChange={(value) => setReversed(value === 'reversed')}
            options={[
              { value: 'track', label: WORDS.asRecorded },
              { value: 'reversed', label: WORDS.reversed },
            ]}
          />
        </Box>
      </Flex>
      {reading.share !== undefined && (
        <Flex gap="4" align="center" mb="3" role="status">
          <Text textStyle="body">{WORDS.readingTheTrack(Math.round(reading.share * 100))}</Text>
          <ActionButton quiet onClick={reading.cancel}>
            {WORDS.cancel}
          </ActionButton>
        </Flex>
      )}
      {course.theirs && (
        <Flex mb="3">
          <ActionButton quiet onClick={course.showTheirs}>
            {WORDS.showTheirs}
          </ActionButton>
        </Flex>
      )}
      {course.rows.length === 0 && (
        <Text textStyle="body" mb="3">
          {WORDS.noSegments}
        </Text>
      )}
      {course.rows.map(({ key, segment }, i) => (
        <SegmentRow
          key={key}
          segment={segment}
          problem={(field) => course.problem(`segments[${i}].${field}`)}
          onChange={(change) => course.change(i, change)}
          onRemove={() => course.remove(i)}
        />
      ))}
      <Flex gap="3" wrap="wrap">
        {course.rows.length < MOST_SEGMENTS && (
          <ActionButton quiet onClick={() => course.add(empty)}>
            {WORDS.addASegment}
          </ActionButton>
        )}
        {course.isDraft && (
          <>
            <ActionButton onClick={() => void course.saveShown()}>
              {WORDS.saveTheCourse}
            </ActionButton>
            <ActionButton quiet onClick={course.drop}>
              {WORDS.leaveItAsItWas}
            </ActionButton>
          </>
        )}
      </Flex>
      <FieldProblemText problem={course.problem('segments')} />
    </Part>
  );
}
