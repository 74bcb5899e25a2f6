import { TRACK_EVENT_FIELDS, type TrackEvent } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom } from './from-fields';

/** What was done to the tracks, as a person enters it. */
export const trackEventSchema = schemaFrom<Omit<TrackEvent, 'id'>>(
  TRACK_EVENT_FIELDS,
  fieldsWords.TRACK_EVENT,
);
