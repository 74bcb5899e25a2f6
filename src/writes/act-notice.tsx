'use client';

import { FieldProblemText } from '@/ui/fields/field-problem';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { KeptNote } from '@/ui/outbox/kept-note';
import type { Acts } from './use-act';

/** What came of the last write of a screen: done, with its undo; not done, and why; or waiting on this device. */
export function ActNotice({ acts }: { acts: Acts }) {
  const { notice, problem, kept, undo, setNotice } = acts;
  const back = notice?.undo;
  return (
    <>
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={back && (() => void undo(back))}
          onClose={() => setNotice(undefined)}
        />
      )}
      <FieldProblemText problem={problem} />
      <KeptNote text={kept} />
    </>
  );
}
