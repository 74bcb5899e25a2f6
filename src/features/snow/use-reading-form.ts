'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Reading } from '@/data/readings';
import { readingSchema } from '@/formats/schemas/reading';
import { validate } from '@/formats/schemas/validation';
import { useDraft } from '@/ui/fields/use-draft';
import type { ReadingFields } from '@/formats/csv/readings';
import { saveReadingAction } from './actions';

/** The form's values: whatever is typed so far. */
export type ReadingDraft = Partial<ReadingFields>;

/** What stays the same from one reading to the next at the same snow. */
function startFrom(latest: Reading | undefined): ReadingDraft {
  return {
    temperatureSdC: 0.8,
    humidityFraction: latest?.humidityFraction ?? 0.65,
    origin: latest?.origin ?? 'natural',
    grain: latest?.grain,
    wetness: latest?.wetness ?? 'dry',
    dirt: latest?.dirt ?? 'clean',
    glazed: latest?.glazed ?? false,
    source: 'probe',
    spot: latest?.spot,
  };
}

const fromReading = (reading: Reading): ReadingDraft => ({
  temperatureC: reading.temperatureC,
  temperatureSdC: reading.temperatureSdC,
  airTemperatureC: reading.airTemperatureC,
  humidityFraction: reading.humidityFraction,
  origin: reading.origin,
  grain: reading.grain,
  sharpness: reading.sharpness,
  wetness: reading.wetness,
  dirt: reading.dirt,
  glazed: reading.glazed,
  source: reading.source as ReadingDraft['source'],
  spot: reading.spot,
  note: reading.note,
  takenAt: reading.takenAt,
});

/** JSON turns NaN (text that is no number) into null; such a field is empty again after a reload. */
const withoutNulls = (draft: ReadingDraft): ReadingDraft =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== null));

const serialisable = (draft: ReadingDraft) => JSON.stringify(draft);

interface ReadingFormOptions {
  outingId: string;
  latest: Reading | undefined;
  corrected: Reading | undefined;
}

/** State of the reading form: draft, problems by field, and saving. */
export function useReadingForm({ outingId, latest, corrected }: ReadingFormOptions) {
  const router = useRouter();
  const { draft, write } = useDraft<ReadingDraft>(
    corrected ? `reading:${outingId}:${corrected.id}` : `reading:${outingId}`,
  );
  const [unsaved, setUnsaved] = useState<ReadingDraft>();
  const [isTried, setIsTried] = useState(false);
  const [touched, setTouched] = useState<ReadonlySet<string>>(new Set());
  const [isSaving, setIsSaving] = useState(false);
  const [failure, setFailure] = useState<string>();

  const values: ReadingDraft =
    unsaved ??
    (draft ? withoutNulls(draft) : corrected ? fromReading(corrected) : startFrom(latest));
  const problems = problemsOf(values);

  const set = (change: ReadingDraft) => {
    const next = { ...values, ...change };
    setUnsaved(next);
    setFailure(undefined);
    setTouched(new Set([...touched, ...Object.keys(change)]));
    if (serialisable(next) !== serialisable(values)) write(next);
  };
  const clear = () => {
    write(undefined);
    setUnsaved(undefined);
    setIsTried(false);
    setTouched(new Set());
    setFailure(undefined);
  };
  const save = async (): Promise<string | undefined> => {
    setIsTried(true);
    if (Object.keys(problems).length > 0) return undefined;
    setIsSaving(true);
    try {
      const saved = await saveReadingAction({ outingId, correctsId: corrected?.id }, atNow(values));
      if (!saved.ok) {
        setFailure(saved.error.message);
        return undefined;
      }
      clear();
      router.refresh();
      return saved.value.id;
    } catch {
      setFailure('Not saved: the server did not answer. What you typed is kept; try again.');
      return undefined;
    } finally {
      setIsSaving(false);
    }
  };
  const problem = (field: keyof ReadingDraft): string | undefined =>
    isTried || touched.has(field) || (field === 'sharpness' && touched.has('grain'))
      ? problems[field]
      : undefined;

  return {
    values,
    set,
    clear,
    save,
    problem,
    isSaving,
    failure,
    isDirty: touched.size > 0 || !!draft,
  };
}

const atNow = (values: ReadingDraft): ReadingDraft => ({
  ...values,
  takenAt: values.takenAt ?? new Date().toISOString(),
});

function problemsOf(values: ReadingDraft): Record<string, string> {
  const checked = validate(readingSchema, atNow(values));
  if (checked.ok) return {};
  const byField: Record<string, string> = {};
  for (const { field, message } of checked.problems) byField[field] ??= message;
  return byField;
}
