'use client';

import { UndoNotice } from './undo-notice';

/** What was done, or why not; `back` is what undoes it, where that can be undone. */
export interface Done<Back> {
  message: string;
  back?: Back;
}

interface DoneNoticeProps<Back> {
  notice: Done<Back> | undefined;
  onUndo: (back: Back) => unknown;
  onClose: () => void;
}

/** The notice of what was done, while there is one. */
export function DoneNotice<Back>({ notice, onUndo, onClose }: DoneNoticeProps<Back>) {
  if (!notice) return null;
  const { message, back } = notice;
  return (
    <UndoNotice
      message={message}
      onUndo={back === undefined ? undefined : () => void onUndo(back)}
      onClose={onClose}
    />
  );
}
