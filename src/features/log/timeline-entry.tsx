'use client';

import type { LogEntry } from '@/core/model';
import { ActionButton } from '@/ui/fields/action-button';
import { logScreenWords } from '@/words/screens/log';
import { ChoiceEntry } from './choice-entry';
import { EntryFrame } from './entry-frame';
import { PhotoEntry } from './photo-entry';
import { PlainEntry } from './plain-entry';

const WORDS = logScreenWords.timeline;
const NOTE = logScreenWords.note;

interface TimelineEntryProps {
  entry: LogEntry;
  /** What kind of entry it is, where it belongs, and when it was. */
  where: string;
  /** Of a choice. */
  onWithdraw: () => void;
  /** Of a note. */
  onRemove: () => void;
}

/** An entry of the log in the way of its kind. */
export function TimelineEntry({ entry, where, onWithdraw, onRemove }: TimelineEntryProps) {
  switch (entry.kind) {
    case 'choice':
      return (
        <ChoiceEntry choice={entry.choice} outcome={entry.outcome} {...{ where, onWithdraw }} />
      );
    case 'note': {
      const { words } = entry.note;
      const remove = (
        <ActionButton plain aria-label={NOTE.removeThis(words)} onClick={onRemove}>
          {NOTE.remove}
        </ActionButton>
      );
      return <EntryFrame title={words} where={where} aside={remove} />;
    }
    case 'photo': {
      const url = `/api/v1/readings/${entry.readingId}/photo`;
      return <PhotoEntry url={url} title={WORDS.photoOfSnow} where={where} />;
    }
    case 'ski_photo': {
      const url = `/api/v1/skis/${entry.skiId}/photos/${entry.refId}`;
      return <PhotoEntry url={url} title={entry.skiName ?? WORDS.removedPair} where={where} />;
    }
    default:
      return <PlainEntry entry={entry} where={where} />;
  }
}
