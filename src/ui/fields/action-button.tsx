'use client';

import { Button, type ButtonProps } from '@chakra-ui/react';

/** The button of a sheet's main action, or with `quiet` one of the others. */
export function ActionButton({ quiet = false, ...props }: ButtonProps & { quiet?: boolean }) {
  const look = quiet
    ? {
        bg: 'transparent',
        color: 'ink',
        borderWidth: '1px',
        borderColor: 'edge',
        _hover: { bg: 'sunk' },
      }
    : { bg: 'action', color: 'onAction', _hover: { bg: 'actionHover' } };
  return (
    <Button
      type="button"
      minH="target"
      px="5"
      textStyle="strong"
      borderRadius="l2"
      {...look}
      {...props}
    />
  );
}
