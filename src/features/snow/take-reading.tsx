'use client';

import type { CourseData, Outing, Reading } from '@/core/model';
import { useRouter } from 'next/navigation';
import type { RoledProduct } from '@/core/choice';
import type { OwnCorrection } from '@/core/wax';
import { ActionButton } from '@/ui/fields/action-button';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part } from '@/ui/frame/sheet';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import { useReadingDraft } from './reading-draft';
import { sameAs } from './use-reading-form';
import { snowScreenWords } from '@/words/screens/snow';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

/**
 * It computes with the whole of the core: it comes once something is typed. Without a place of its own to wait in, its
 * coming would take the field from under the fingers.
 */
const TypedChangeLine = afterPage(() =>
  import('./typed-change').then(({ TypedChangeLine: line }) => line),
);

/** The fields of a reading come after the answer, into their place. */
const ReadingForm = afterPage(
  () => import('./reading-form').then((module) => module.ReadingForm),
  room({ minH: { base: '1580px', md: '500px' } }),
);

const WORDS = snowScreenWords.snowScreen;

export interface TakeReadingProps {
  outing: Outing;
  latest: Reading | undefined;
  corrected: Reading | undefined;
  products: readonly RoledProduct[];
  course: CourseData;
  /** The venue's own correction, and what was learned there. */
  own: OwnCorrection;
  /** What the stand-in instruments measure. */
  pretended: PretendedSnow;
}

/** The reading to take, or to correct; a saved one can be taken back. */
export function TakeReading(props: TakeReadingProps) {
  const { outing, latest, corrected, products, course, own, pretended } = props;
  const router = useRouter();
  const form = useReadingDraft();
  const acts = useAct();
  const onSaved = (id: string) => {
    acts.setNotice({
      message: WORDS.readingSaved,
      undo: { write: ['reading.withdraw', { id }] },
    });
    if (corrected) router.replace(`/outing/${outing.id}/snow`);
  };
  return (
    <div id="reading-form" tabIndex={-1}>
      <ActNotice acts={acts} />
      <Part
        title={corrected ? WORDS.correctThisReading : WORDS.takeAReading}
        aside={
          latest &&
          !corrected && (
            <ActionButton plain onClick={() => form.set(sameAs(latest))}>
              {WORDS.sameAsLastTime}
            </ActionButton>
          )
        }
      >
        <ReadingForm
          key={corrected?.id ?? 'new'}
          form={form}
          timeZone={outing.venue.timeZone}
          isCorrection={corrected !== undefined}
          pretended={pretended}
          changes={
            form.values.temperatureC !== undefined && (
              <TypedChangeLine
                draft={form.values}
                ground={{ outing, course, latest, corrected, products, own }}
              />
            )
          }
          onSaved={onSaved}
        />
      </Part>
    </div>
  );
}
