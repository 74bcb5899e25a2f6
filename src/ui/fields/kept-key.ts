import { readDraft, writeDraft } from './draft-store';
import { newWriteKey } from './write-key';

interface Kept {
  key: string;
  of: string;
}

const place = (draftKey: string) => `${draftKey}#key`;

/**
 * The key with which a form's values are sent. The same values get the same key, over a reload too, until they
 * were taken: an answer that was lost does not make a second row.
 */
export function keyFor(draftKey: string, values: object): string {
  const of = JSON.stringify(values);
  const kept = readDraft<Kept>(place(draftKey));
  if (kept?.key && kept.of === of) return kept.key;
  const key = newWriteKey();
  writeDraft(place(draftKey), { key, of });
  return key;
}

/** Forgets the key of values that were taken. */
export const forgetKey = (draftKey: string): void => writeDraft(place(draftKey), undefined);
