'use client';

import { useState } from 'react';

/** A value that is changed here first and stored then: it follows what the server says whenever that is another. */
export function useStored<T>(stored: T): [T, (value: T) => void] {
  const [value, setValue] = useState(stored);
  const [heard, setHeard] = useState(() => JSON.stringify(stored));
  const now = JSON.stringify(stored);
  if (now !== heard) {
    setHeard(now);
    setValue(stored);
  }
  return [value, setValue];
}
