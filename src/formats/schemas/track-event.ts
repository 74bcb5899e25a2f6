import { TRACK_EVENT_FIELDS, type TrackEvent } from '../../core/model';
import { words } from '../../words';
import { schemaFrom } from './from-fields';

/** What was done to the tracks, as a person enters it. */
export const trackEventSchema = schemaFrom<Omit<TrackEvent, 'id'>>(
  TRACK_EVENT_FIELDS,
  words.fields.TRACK_EVENT,
);
