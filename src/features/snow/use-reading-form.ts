'use client';

import { handedIn, READING_FIELDS, type Reading } from '@/core/model';
import { wallIso } from '@/core/time';
import type { ReadingFields } from '@/formats/csv/readings';
import { lateForm } from '@/formats/schemas/form-resolver';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useUnits } from '@/ui/format/units-context';
import { temperature } from '@/words/quantities';
import { snowScreenWords } from '@/words/screens/snow';
import { actOrKeep } from '@/writes/act-or-keep';

const WORDS = snowScreenWords.readingForm;

/** The form's values: whatever is typed so far. */
export type ReadingDraft = Partial<ReadingFields>;

const EMPTY = handedIn(READING_FIELDS, {}) as ReadingDraft;

/** What stays the same from one reading to the next at the same snow. */
const startFrom = (latest: Reading | undefined): ReadingDraft => ({
  ...EMPTY,
  temperatureSdC: 0.8,
  humidityFraction: latest?.humidityFraction ?? 0.65,
  origin: latest?.origin ?? 'natural',
  grain: latest?.grain,
  wetness: latest?.wetness ?? 'dry',
  dirt: latest?.dirt ?? 'clean',
  glazed: latest?.glazed ?? false,
  source: 'probe',
  spot: latest?.spot,
});

const fromReading = (reading: Reading): ReadingDraft =>
  handedIn(READING_FIELDS, reading) as ReadingDraft;

/** All that was measured and seen last time, to be saved as of now. */
export const sameAs = (last: Reading): ReadingDraft => ({
  ...fromReading(last),
  note: undefined,
  takenAt: undefined,
});

const atNow = (values: ReadingDraft): ReadingDraft => ({
  ...values,
  takenAt: values.takenAt ?? wallIso(),
});

const resolver = lateForm<ReadingDraft>(
  () => import('@/formats/schemas/reading').then(({ readingSchema }) => readingSchema),
  atNow,
);

export interface ReadingFormOptions {
  outingId: string;
  latest: Reading | undefined;
  corrected: Reading | undefined;
}

/** State of the reading form; saving gives the id of the new reading. */
export function useReadingForm({ outingId, latest, corrected }: ReadingFormOptions) {
  const units = useUnits();
  const key = corrected ? `reading:${outingId}:${corrected.id}` : `reading:${outingId}`;
  const start = corrected ? fromReading(corrected) : startFrom(latest);
  const form = useDraftedForm<ReadingDraft>(key, start, resolver);
  const set = (change: ReadingDraft) => {
    form.set(change);
    // Whether a sharpness typed agrees depends on the grain too.
    if ('grain' in change) form.recheck('sharpness');
  };
  const save = async (): Promise<string | undefined> => {
    const saved = await form.submit((typed, { key: writeKey }) => {
      const values = atNow(typed);
      const ids = { outingId, correctsId: corrected?.id };
      const label = WORDS.readingOf(temperature(values.temperatureC ?? 0, units));
      const at = String(values.takenAt);
      return actOrKeep('reading.save', { ids, values }, { key: writeKey, label, at });
    });
    return saved?.id;
  };
  return { ...form, set, save };
}
