'use client';

import type { Venue } from '@/core/model';
import { useMemo } from 'react';
import { useRouter } from 'next/navigation';
import type { Discipline, Purpose } from '@/core/terms';
import { wallIso } from '@/core/time';
import type { ReadingFields } from '@/formats/schemas/reading';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { act } from '@/writes/act';
import { split, type OutingDraft } from './outing-draft';

const EMPTY: OutingDraft = {
  name: '',
  venueId: '',
  startLocal: '',
  discipline: 'skate',
  purpose: 'training',
  distanceKm: 10,
  venueName: '',
  timeZone: '',
  keepSnow: true,
};

/** What comes along from the quick answer. */
export interface FromQuick {
  discipline: Discipline;
  purpose: Purpose;
  snow: Omit<ReadingFields, 'takenAt'>;
  /** The screen to go on with. */
  then: 'snow' | 'pick';
}

/** State of the form of a new outing; saving opens it. */
export function useOutingForm(venues: readonly Venue[], quick: FromQuick | undefined) {
  const router = useRouter();
  const resolver = useMemo(
    () =>
      lateResolver<OutingDraft>(async () => {
        const { checkOuting } = await import('./check-outing');
        return (draft) => checkOuting(draft, venues);
      }),
    [venues],
  );
  const first = quick && { discipline: quick.discipline, purpose: quick.purpose };
  const form = useDraftedForm('outing', { ...EMPTY, ...first }, resolver);
  const save = async () => {
    const saved = await form.submit((draft, { key }) => {
      const { outing, venue, course } = split(draft, venues);
      const reading = draft.keepSnow && quick ? { ...quick.snow, takenAt: wallIso() } : undefined;
      return act('outing.save', key, { outing, venue, course, reading });
    });
    if (saved) router.push(`/outing/${saved.id}/${quick?.then ?? 'snow'}`);
  };
  return { ...form, save, leave: () => router.push('/') };
}
