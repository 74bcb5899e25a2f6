import { SURFACE_EVENT_KINDS, type SurfaceEventKind } from '../snow/outlook';
import type { FieldsOf } from './field';

/** What was done to the tracks of an outing, as somebody saw it or knows it will be. */
export interface TrackEvent {
  id: string;
  outingId: string;
  at: string;
  kind: SurfaceEventKind;
  /** Of the groomer, or how many skiers; absent: the usual. */
  passes?: number;
}

/** The fields of it. */
export const TRACK_EVENT_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true },
  at: { type: 'moment', isRequired: true },
  kind: { type: 'choice', of: SURFACE_EVENT_KINDS, isRequired: true },
  passes: { type: 'number', range: [1, 1000], unit: '' },
} as const satisfies FieldsOf<TrackEvent>;
