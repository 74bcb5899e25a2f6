const PREFIX = 'frost-draft:';

/** A form's values as typed, kept on this device; undefined where nothing was kept. */
export function readDraft<T extends object>(key: string): Partial<T> | undefined {
  try {
    const text = localStorage.getItem(PREFIX + key);
    if (!text) return undefined;
    // JSON turns NaN, text that is no number, into null; such a field is empty after a reload.
    const entries = Object.entries(JSON.parse(text) as T).filter(([, value]) => value !== null);
    return Object.fromEntries(entries) as Partial<T>;
  } catch {
    return undefined;
  }
}

/** Keeps a form's values on this device; with undefined forgets them. */
export function writeDraft(key: string, draft: object | undefined): void {
  try {
    if (draft === undefined) localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, JSON.stringify(draft));
  } catch {
    // A full or forbidden store costs the draft only.
  }
}
