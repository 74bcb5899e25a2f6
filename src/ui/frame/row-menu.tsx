'use client';

import NextLink from 'next/link';
import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';

/** One thing that can be done to a row: something that happens, or a place to go. */
export interface RowAction {
  key: string;
  title: string;
  /** The action with its row, for who does not see it. */
  label?: string;
  onSelect?: () => unknown;
  href?: string;
}

interface RowMenuProps {
  /** Of which row. */
  label: string;
  actions: readonly RowAction[];
}

const ITEM = { minH: 'target', px: '4', textStyle: 'body', cursor: 'pointer' } as const;

/** What can be done to a row of a table, in one quiet menu at its end. */
export function RowMenu({ label, actions }: RowMenuProps) {
  return (
    <Menu.Root positioning={{ placement: 'bottom-end' }} lazyMount unmountOnExit>
      <Menu.Trigger asChild>
        <IconButton
          variant="ghost"
          minW="target"
          minH="target"
          color="ink"
          aria-label={label}
          _hover={{ bg: 'sunk' }}
        >
          <Ellipsis size={20} aria-hidden />
        </IconButton>
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
