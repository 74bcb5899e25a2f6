import type { MouseEvent } from 'react';

/** After a tap or click the focus leaves the button, so that the one key stays the runner's; a key press keeps it. */
export function leaveAfterPointer(event: MouseEvent<HTMLElement>): void {
  if (event.detail > 0) event.currentTarget.blur();
}
