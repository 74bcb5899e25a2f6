'use client';

import type { CourseData, Outing, Reading } from '@/core/model';
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import type { RoledProduct } from '@/core/choice';
import type { OwnCorrection } from '@/core/wax';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useWrite } from '@/ui/fields/use-write';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import { useReadingDraft } from './reading-draft';
import { sameAs } from './use-reading-form';
import { snowScreenWords } from '@/words/screens/snow';
import { act } from '@/writes/act';

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
  const [savedId, setSavedId] = useState<string>();
  const { send } = useWrite();
  const [undoProblem, setUndoProblem] = useState<string>();
  const onSaved = (id: string) => {
    setSavedId(id);
    if (corrected) router.replace(`/outing/${outing.id}/snow`);
  };
  const undoSave = async () => {
    if (!savedId) return;
    const done = await send(`withdraw:${savedId}`, (key) =>
      act('reading.withdraw', key, { id: savedId }),
    );
    if (done) setUndoProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setSavedId(undefined);
  };
  return (
    <div id="reading-form" tabIndex={-1}>
      <FieldProblemText problem={undoProblem} />
      {savedId && (
        <UndoNotice
          message={WORDS.readingSaved}
          onUndo={() => void undoSave()}
          onClose={() => setSavedId(undefined)}
        />
      )}
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
