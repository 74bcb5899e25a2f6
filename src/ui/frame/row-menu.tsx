'use client';

import { useState } from 'react';
import dynamic from 'next/dynamic';
import { MenuButton } from './menu-button';
import type { RowMenuProps } from './open-menu';

/** Menus float, and what makes them float is not small: it comes when the first one is opened. */
const OpenMenu = dynamic(() => import('./open-menu').then(({ OpenMenu: menu }) => menu), {
  loading: () => <MenuButton aria-busy />,
});

/** What can be done to a row of a table, in one quiet menu at its end. */
export function RowMenu({ label, actions }: RowMenuProps) {
  const [isWanted, setIsWanted] = useState(false);
  return isWanted ? (
    <OpenMenu label={label} actions={actions} />
  ) : (
    <MenuButton
      aria-label={label}
      aria-haspopup="menu"
      aria-expanded={false}
      onClick={() => setIsWanted(true)}
    />
  );
}
