import { object } from 'yup';
import { SEGMENT_FIELDS, STATION_FIELDS, type Segment, type Station } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { schemaFrom } from './from-fields';
import { list } from './list';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

const MOST_SEGMENTS = 8;

/** A segment of a course as typed. */
export const segmentSchema = schemaFrom<Segment>(SEGMENT_FIELDS, fieldsWords.SEGMENT);

/** A whole course. */
export const courseSchema = object({
  segments: list(segmentSchema.required())
    .max(MOST_SEGMENTS, WORDS.upToSegments(MOST_SEGMENTS))
    .required(WORDS.segmentsIsMissing),
});

/** A weather station as typed. */
export const stationSchema = schemaFrom<Pick<Station, 'name' | 'altitudeM'>>(
  STATION_FIELDS,
  fieldsWords.STATION,
);
