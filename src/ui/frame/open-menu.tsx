'use client';

import { useEffect, useRef } from 'react';
import NextLink from 'next/link';
import { Menu, Portal } from '@chakra-ui/react';
import { MenuButton } from './menu-button';

/** One thing that can be done to a row: something that happens, or a place to go. */
export interface RowAction {
  key: string;
  title: string;
  /** The action with its row, for who does not see it. */
  label?: string;
  onSelect?: () => unknown;
  href?: string;
}

export interface RowMenuProps {
  /** Of which row. */
  label: string;
  actions: readonly RowAction[];
}

const ITEM = { minH: 'target', px: '4', textStyle: 'body', cursor: 'pointer' } as const;

/** The menu of a row, which opens as it comes. */
export function OpenMenu({ label, actions }: RowMenuProps) {
  const button = useRef<HTMLButtonElement>(null);
  // It came because its button was pressed: pressed once more, now that there is a menu to open.
  useEffect(() => {
    const frame = requestAnimationFrame(() => button.current?.click());
    return () => cancelAnimationFrame(frame);
  }, []);
  return (
    <Menu.Root positioning={{ placement: 'bottom-end' }} lazyMount unmountOnExit>
      <Menu.Trigger asChild>
        <MenuButton ref={button} aria-label={label} />
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content
            bg="sheet"
            color="ink"
            borderWidth="1px"
            borderColor="edge"
            borderRadius="l1"
            boxShadow="none"
            animation="none"
            minW="160px"
            py="1"
          >
            {actions.map(({ key, title, label: spoken, onSelect, href }) => (
              <Menu.Item
                key={key}
                value={key}
                aria-label={spoken}
                onSelect={() => void onSelect?.()}
                asChild={href !== undefined}
                {...ITEM}
              >
                {href === undefined ? title : <NextLink href={href}>{title}</NextLink>}
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
