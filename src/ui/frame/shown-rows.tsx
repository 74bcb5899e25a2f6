'use client';

import { useState, type ReactNode } from 'react';
import { ActionButton } from '../fields/action-button';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.shownRows;

/** Rows of a long list that are shown at first, and with each press of the button. */
const A_PAGE = 15;

/** The first rows of a long list, and the button that shows more of them. */
export function useShownRows<T>(
  rows: readonly T[],
  page = A_PAGE,
): { shown: readonly T[]; more: ReactNode } {
  const [pages, setPages] = useState(1);
  const shown = rows.slice(0, pages * page);
  const left = rows.length - shown.length;
  const more =
    left > 0 ? (
      <ActionButton quiet mt="3" onClick={() => setPages(pages + 1)}>
        {WORDS.showMoreOf(Math.min(left, page), rows.length)}
      </ActionButton>
    ) : null;
  return { shown, more };
}
