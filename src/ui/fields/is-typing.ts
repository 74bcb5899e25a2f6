/** Whether a key goes into a field: then it is no shortcut. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.tagName === 'TEXTAREA' ||
    target.tagName === 'SELECT' ||
    (target instanceof HTMLInputElement && target.type !== 'radio' && target.type !== 'checkbox'));
